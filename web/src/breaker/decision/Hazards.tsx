import type { Decision } from '@phylaxon/core/diagnosis/decision';
import { PageSection, useUnits } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

/** What a breaker’s findings restrict until they are dealt with, and what was found elsewhere in its panel. */
export function Hazards({ decision }: { decision: Decision }) {
  const { say } = useUnits();
  const { untilRepaired, panelHazard, stop } = decision;
  const elsewhere = stop.active
    ? []
    : (panelHazard?.findings ?? []).filter(({ level }) => level !== 'repair');
  return (
    <>
      {untilRepaired && (
        <PageSection title={messages.untilItIsRepaired}>
          <p className="font-semibold">{untilRepaired.use}</p>
          <ul className="list-disc pl-5">
            {untilRepaired.now.map((step) => (
              <li key={step}>{step}</li>
            ))}
          </ul>
          <p className="mt-1">
            <strong>{messages.ifYouWait}</strong> {untilRepaired.waiting}
          </p>
        </PageSection>
      )}
      {elsewhere.length > 0 && (
        <PageSection title={messages.foundAtThisPanel}>
          <ul className="list-disc pl-5">
            {elsewhere.map(({ test, text }) => (
              <li key={`${test} ${text}`}>{say(text)}</li>
            ))}
          </ul>
        </PageSection>
      )}
    </>
  );
}
