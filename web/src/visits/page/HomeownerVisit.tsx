import { homeownerGuide, type VisitStands } from '@phylaxon/core/views/visit';
import { PageSection } from '../../shared/ui/index.ts';
import { EndScreen } from '../work/index.ts';
import { PdfLink, TakeVisitBack, useVisitWork } from '../visitRecord/index.ts';

const STANDS: Record<VisitStands, string> = {
  planned: 'Planned: a qualified electrician does it.',
  'under-way': 'Under way: keep away from the panel.',
  finished: 'Done.',
  left: 'Ended before it was done: ask what is still off, and why.',
};

/** The same visit for whoever lives there: to follow, to prepare, to ask; no gate is offered. */
export function HomeownerVisit({ stands }: { stands: VisitStands }) {
  const { record } = useVisitWork();
  const { plan } = record;
  const guide = homeownerGuide({ count: plan.tasks.length, minutes: plan.minutes, off: plan.off });
  const parts = [
    ['What will happen', guide.happens],
    ['What to prepare', guide.prepare],
    ['What to ask', guide.ask],
    ['How to see that it was done right', guide.done],
  ] as const;
  return (
    <>
      <p role="status" className="border-l-8 border-heed bg-bone-raised px-4 py-3 text-lg font-semibold">
        {STANDS[stands]}
      </p>
      {(stands === 'finished' || stands === 'left') && <EndScreen />}
      <p className="flex flex-wrap gap-3">
        <PdfLink page="notice">Notice for the household (PDF)</PdfLink>
        <PdfLink page="sheet">The visit’s sheet (PDF)</PdfLink>
        {stands === 'planned' && <TakeVisitBack />}
      </p>
      <PageSection title="What is to be done" level={2}>
        <ul className="list-disc pl-5">
          {plan.tasks.map(({ id, label, why }) => (
            <li key={id}>
              <strong>{label}</strong>
              {why && `: ${why}`}
            </li>
          ))}
        </ul>
      </PageSection>
      {parts.map(([title, lines]) => (
        <PageSection key={title} title={title} level={2}>
          <ul className="list-disc space-y-1 pl-5">
            {lines.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        </PageSection>
      ))}
      <p className="text-sm text-ink-soft">
        Nobody but a qualified electrician opens the cover. Local codes and licensed practice decide.
      </p>
    </>
  );
}
