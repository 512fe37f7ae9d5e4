import { TIME_LIMITS } from '@phylaxon/core/facts/limits';
import { endOf, minutesTaken, taskEnds } from '@phylaxon/core/views/visit';
import { taskKind, troubleOf } from '@phylaxon/core/visit/work';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { recordQueries } from '../../shared/queries/index.ts';
import { PhotoForm } from '../../shared/photos/index.ts';
import { asButton, Countdown, NotifyButton, useNow, useUnits } from '../../shared/ui/index.ts';
import { PdfLink, useVisitWork } from '../visitRecord/index.ts';
import * as messages from './messages.ts';

/** Half an hour under load shows what a joint is worth, min. */
const UNDER_LOAD_MINUTES = TIME_LIMITS.loadTestMinutes;

/** The timer stays in sight for a day after it has run out, ms. */
const LINGERS_MS = 86_400_000;

/** What the visit came to: proved, or how it was left, and what is due next. */
export function EndScreen() {
  const { record, state } = useVisitWork();
  const { clockText } = useUnits();
  const { data: board } = useQuery(recordQueries.board(record.panel.id));
  const ends = taskEnds(record);
  const minutes = minutesTaken(record.steps);
  const { finished, ending } = state;
  const last = record.steps.at(-1)!;
  const dueAt = endOf(last.at, UNDER_LOAD_MINUTES);
  const due = Date.parse(dueAt);
  const now = useNow(due);
  const isAnyDue =
    ends.some(({ isProved }, i) => isProved && !taskKind(record.plan.tasks[i]!.work).isOfPanel) &&
    now < due + LINGERS_MS;
  const hereNow = new Set(board?.breakers.map(({ breaker }) => breaker.id));
  const partOf = (id: string) => {
    const task = record.plan.tasks.find((one) => one.id === id)!;
    return [task.partId, task.breakerId].find((one) => one !== null && hereNow.has(one)) ?? null;
  };
  return (
    <section
      aria-label={messages.result}
      className={`border-l-8 bg-bone-raised px-4 py-4 sm:px-6 ${finished ? 'border-good' : 'border-danger'}`}
    >
      <h2 className="text-2xl font-bold">
        <span role="status">{finished ? messages.completedAndTested : messages.endedEarly}</span>
      </h2>
      {ending !== null && <p className="mt-1 text-lg font-semibold">{troubleOf(ending).words}</p>}
      {minutes !== null && (
        <p className="text-ink-soft">
          {messages.thePowerWasOffForPlanned(
            <span className="figures">{messages.min(minutes)}</span>,
            record.plan.minutes,
          )}
        </p>
      )}
      {isAnyDue && (
        <div className="mt-3 flex flex-wrap items-end gap-x-6 gap-y-2">
          <Countdown
            what={messages.temperatureUnderLoad}
            seconds={Math.max(0, Math.ceil((due - now) / 1000))}
            done={messages.dueNow}
          />
          {now < due && <NotifyButton at={due} title={messages.measureTheTemperatures(record.panel.name)} />}
        </div>
      )}
      <ul className="mt-3 divide-y divide-rule">
        {ends.map(({ label, place, became, isProved }, i) => {
          const task = record.plan.tasks[i]!;
          const partId = partOf(task.id);
          return (
            <li key={task.id} className="py-2">
              <p className="text-lg">
                <strong>{label}</strong>, {place}: {became}.
              </p>
              {partId !== null && (
                <div className="flex flex-wrap items-center gap-x-5">
                  <Link className={LINK} to={`/panels/${record.panel.id}/breakers/${partId}`}>
                    {messages.breakerRecord}
                  </Link>
                  {isProved ? (
                    <Link
                      className={LINK}
                      to={`/panels/${record.panel.id}/breakers/${partId}?log=face-temperature`}
                    >
                      {messages.dueAtTemperatureUnderLoad(clockText(dueAt))}
                    </Link>
                  ) : (
                    <Link className={LINK} to={`/cases/new?panel=${record.panel.id}&breaker=${partId}`}>
                      {messages.openACase}
                    </Link>
                  )}
                  <PhotoForm breaker={{ id: partId }} where={label} />
                </div>
              )}
            </li>
          );
        })}
      </ul>
      <p className="mt-3 flex flex-wrap gap-3">
        <Link to={`/visits/${record.plan.visitId}/report`} className={asButton()}>
          {messages.reportForTheCustomer}
        </Link>
        <PdfLink page="sheet">{messages.visitSheetPdf}</PdfLink>
      </p>
    </section>
  );
}

const LINK = 'inline-flex min-h-11 items-center font-medium underline underline-offset-4';
