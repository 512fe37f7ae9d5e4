import { endOf, noticeOf, noticeText, shutdownOf, TASK_WORDS, toolsFor } from '@phylaxon/core/views/visit';
import { BREAKER_KIND_WORDS } from '@phylaxon/core/panel/layout';
import { taskKind, type VisitTask } from '@phylaxon/core/visit/work';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { recordQueries } from '../../shared/queries/index.ts';
import { Button, PageSection, uncapital, useUnits } from '../../shared/ui/index.ts';
import { PdfLink, TakeVisitBack, useVisitWork } from '../visitRecord/index.ts';
import * as messages from './messages.ts';

/** What a task is, in a line. */
const taskText = ({ work, poles, ratingAmps, kind, from }: VisitTask) =>
  from !== null
    ? messages.movesHereFromSpace(from)
    : taskKind(work).drawing === 'same'
      ? uncapital(TASK_WORDS[work].name)
      : `${uncapital(TASK_WORDS[work].name)}, ${ratingAmps} A ${poles === 2 ? 'two-pole' : 'one-pole'} ${BREAKER_KIND_WORDS[kind]}`;

/** Before the first step: what is done, what to take along, what the household is told, what hangs on the main. */
export function BeforeVisit() {
  const { record } = useVisitWork();
  const { timeText, clockText } = useUnits();
  const { plan, site, panel } = record;
  const { data: planning } = useQuery(recordQueries.planning(site.id));
  const planned = planning?.panels.find((one) => one.panel.id === panel.id);
  const dark = planning && planned ? shutdownOf(planning, planned).dark : [];
  const notice = noticeOf({
    when:
      plan.plannedFor === null
        ? null
        : { from: timeText(plan.plannedFor), until: clockText(endOf(plan.plannedFor, plan.minutes)) },
    minutes: plan.minutes,
    dark,
    dependents: plan.dependents,
  });
  return (
    <>
      <p>
        {messages.deEnergizedAtOffForAbout(
          plan.plannedFor !== null && <strong>{timeText(plan.plannedFor)}. </strong>,
          <strong>{plan.off}</strong>,
          <strong className="figures">{messages.min(plan.minutes)}</strong>,
          plan.permit && messages.permit(plan.permit),
          plan.meterPulled && messages.theUtilityPullsTheMeter,
        )}
      </p>
      <PageSection title={messages.tasksInOrder} level={2}>
        <ol className="list-decimal pl-5">
          {plan.tasks.map((task) => (
            <li key={task.id}>
              {messages.taskAt(
                <strong>{task.label}</strong>,
                taskKind(task.work).isOfPanel ? '' : messages.atSpace(task.space),
                taskText(task),
                task.why && <span className="block text-sm text-ink-soft">{task.why}</span>,
              )}
            </li>
          ))}
        </ol>
      </PageSection>
      <details className="border-t border-rule-strong">
        <summary className="min-h-11 py-2 text-lg font-bold">{messages.toolsPrintoutsAndNotices}</summary>
        <div className="space-y-4 pb-3">
          <p className="flex flex-wrap gap-3">
            <PdfLink page="tag">{messages.lockoutTagPdf}</PdfLink>
            <PdfLink page="notice">{messages.outageNoticePdf}</PdfLink>
            <PdfLink page="sheet">{messages.visitSheetPdf}</PdfLink>
            <CopyNotice text={noticeText(notice)} />
          </p>
          <ul className="list-disc pl-5">
            {toolsFor(plan.tasks).map((line) => (
              <li key={line}>{line}</li>
            ))}
            <li>
              {messages.partsSeeThe(
                <Link to={`/sites/${site.id}/parts`} className="underline underline-offset-4">
                  {messages.partsList}
                </Link>,
              )}
            </li>
          </ul>
          <div>
            <p className="font-semibold">{messages.circuitsThatWillBeOff}</p>
            <ul className="list-disc pl-5">
              {notice.off.map((line) => (
                <li key={line}>{line}</li>
              ))}
            </ul>
          </div>
          <TakeVisitBack />
          <p className="text-sm text-ink-soft">{messages.onlyAContactMeterCanVerify}</p>
        </div>
      </details>
    </>
  );
}

function CopyNotice({ text }: { text: string }) {
  const [came, setCame] = useState<'copied' | 'by-hand' | null>(null);
  const copy = async () => {
    // Over plain HTTP a browser lets no page write to the clipboard.
    const isCopied = await writeToClipboard(text);
    setCame(isCopied ? 'copied' : 'by-hand');
  };
  return (
    <span className="inline-flex flex-wrap items-center gap-3">
      <Button look="quiet" onClick={() => void copy()}>
        {messages.copyTheNotice}
      </Button>
      <span role="status" className="font-semibold text-good">
        {came === 'copied' ? messages.copied : ''}
      </span>
      {came === 'by-hand' && (
        <label className="block w-full text-sm font-semibold">
          {messages.theBrowserDidNotAllowThe}
          <textarea
            readOnly
            rows={8}
            value={text}
            onFocus={({ target }) => target.select()}
            className="mt-1 block w-full border border-rule-strong bg-bone-raised p-2 font-normal"
          />
        </label>
      )}
    </span>
  );
}

const writeToClipboard = (text: string): Promise<boolean> =>
  (navigator.clipboard as Clipboard | undefined)?.writeText(text).then(
    () => true,
    () => false,
  ) ?? Promise.resolve(false);
