import { homeownerGuide, type VisitStands } from '@phylaxon/core/views/visit';
import { PageSection } from '../../shared/ui/index.ts';
import { EndScreen } from '../work/index.ts';
import { PdfLink, TakeVisitBack, useVisitWork } from '../visitRecord/index.ts';
import * as messages from './messages.ts';

const STANDS: Record<VisitStands, string> = {
  planned: messages.plannedWorkForAQualified,
  'under-way': messages.inProgressStayAwayFromThe,
  finished: 'Done.',
  left: messages.endedEarlyAskWhichCircuitsAre,
};

/** The same visit for whoever lives there: to follow, to prepare, to ask; no gate is offered. */
export function HomeownerVisit({ stands }: { stands: VisitStands }) {
  const { record } = useVisitWork();
  const { plan } = record;
  const guide = homeownerGuide({ count: plan.tasks.length, minutes: plan.minutes, off: plan.off });
  const parts = [
    [messages.whatWillHappen, guide.happens],
    [messages.howToPrepare, guide.prepare],
    [messages.questionsToAsk, guide.ask],
    [messages.howToCheckTheFinishedWork, guide.done],
  ] as const;
  return (
    <>
      <p role="status" className="border-l-8 border-heed bg-bone-raised px-4 py-3 text-lg font-semibold">
        {STANDS[stands]}
      </p>
      {(stands === 'finished' || stands === 'left') && <EndScreen />}
      <p className="flex flex-wrap gap-3">
        <PdfLink page="notice">{messages.outageNoticeForTheHouseholdPdf}</PdfLink>
        <PdfLink page="sheet">{messages.visitSheetPdf}</PdfLink>
        {stands === 'planned' && <TakeVisitBack />}
      </p>
      <PageSection title={messages.tasks} level={2}>
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
      <p className="text-sm text-ink-soft">{messages.onlyAQualifiedElectricianMay}</p>
    </>
  );
}
