import { endOf, noticeOf, noticeText, shutdownOf, toolsFor } from '@phylaxon/core/views/visit';
import { BREAKER_KIND_WORDS } from '@phylaxon/core/panel/layout';
import type { VisitTask } from '@phylaxon/core/visit/work';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { recordQueries } from '../../shared/queries/index.ts';
import { Button, PageSection, useUnits } from '../../shared/ui/index.ts';
import { PdfLink, TakeVisitBack, useVisitWork } from '../visitRecord/index.ts';

const WORK_TEXT: Record<VisitTask['work'], string> = {
  replace: 'a new breaker',
  'new-breaker': 'a new circuit',
  move: 'moves',
  'remake-joint': 'its joint is remade',
};

/** What a task is, in a line. */
const taskText = ({ work, poles, ratingAmps, kind, from }: VisitTask) =>
  work === 'move'
    ? `moves here from space ${from}`
    : work === 'remake-joint'
      ? WORK_TEXT[work]
      : `${WORK_TEXT[work]}, ${ratingAmps} A ${poles === 2 ? 'two-pole' : 'one-pole'} ${BREAKER_KIND_WORDS[kind]}`;

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
        {plan.plannedFor !== null && <strong>{timeText(plan.plannedFor)}. </strong>}
        De-energized at <strong>{plan.off}</strong>, off for about{' '}
        <strong className="figures">{plan.minutes} min</strong>.{plan.permit && ` Permit ${plan.permit}.`}
        {plan.meterPulled && ' The utility pulls the meter.'} A licensed electrician does it where the place
        asks for one.
      </p>
      <PageSection title="What is done, in this order" level={2}>
        <ol className="list-decimal pl-5">
          {plan.tasks.map((task) => (
            <li key={task.id}>
              <strong>{task.label}</strong>, space {task.space}: {taskText(task)}
              {task.why && <span className="block text-sm text-ink-soft">{task.why}</span>}
            </li>
          ))}
        </ol>
      </PageSection>
      <details className="border-t border-rule-strong">
        <summary className="min-h-11 py-2 text-lg font-bold">To take along, to print, to tell</summary>
        <div className="space-y-4 pb-3">
          <p className="flex flex-wrap gap-3">
            <PdfLink page="tag">Tag for the lock (PDF)</PdfLink>
            <PdfLink page="notice">Notice (PDF)</PdfLink>
            <PdfLink page="sheet">The visit’s sheet (PDF)</PdfLink>
            <CopyNotice text={noticeText(notice)} />
          </p>
          <ul className="list-disc pl-5">
            {toolsFor(plan.tasks).map((line) => (
              <li key={line}>{line}</li>
            ))}
            <li>
              Parts: on the list of{' '}
              <Link to={`/sites/${site.id}/parts`} className="underline underline-offset-4">
                what to buy
              </Link>
            </li>
          </ul>
          <div>
            <p className="font-semibold">Circuits off</p>
            <ul className="list-disc pl-5">
              {notice.off.map((line) => (
                <li key={line}>{line}</li>
              ))}
            </ul>
          </div>
          <TakeVisitBack />
          <p className="text-sm text-ink-soft">
            Dead is what a contact meter says, proved before and after on a live point. A non-contact tester
            only warns: it misses what is shielded, dry, or cancels between two legs. And nothing is exchanged
            with the main on, though some careful people do: one slip there is the last.
          </p>
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
        Copy the notice
      </Button>
      <span role="status" className="font-semibold text-good">
        {came === 'copied' ? '✓ Copied' : ''}
      </span>
      {came === 'by-hand' && (
        <label className="block w-full text-sm font-semibold">
          This browser does not let the page copy. Select the text and copy it yourself.
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
