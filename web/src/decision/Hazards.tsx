import type { Decision } from '@phylaxon/core/diagnosis/decision';
import { consequencesOf, isAtLeast } from '@phylaxon/core/facts/hazards';
import { Part, useUnits } from '../shared/index.ts';

/** What a breaker’s findings restrict until they are dealt with, and what was found elsewhere in its panel. */
export function Hazards({ decision }: { decision: Decision }) {
  const { say } = useUnits();
  const { hazard, panelHazard, stop } = decision;
  const follows =
    hazard && !stop.active && isAtLeast(hazard.level, 'restrict') ? consequencesOf(hazard) : null;
  const elsewhere = panelHazard?.findings.filter(({ level }) => isAtLeast(level, 'restrict')) ?? [];
  if (!follows && (elsewhere.length === 0 || stop.active)) return null;
  return (
    <>
      {follows && (
        <Part title="Until it is repaired">
          <p className="font-semibold">{follows.use}</p>
          <ul className="list-disc pl-5">
            {follows.now.map((step) => (
              <li key={step}>{step}</li>
            ))}
          </ul>
          <p className="mt-1">
            <strong>If you wait:</strong> {follows.waiting}
          </p>
        </Part>
      )}
      {elsewhere.length > 0 && !stop.active && (
        <Part title="Found at this panel">
          <ul className="list-disc pl-5">
            {elsewhere.map(({ test, text }) => (
              <li key={`${test} ${text}`}>{say(text)}</li>
            ))}
          </ul>
        </Part>
      )}
    </>
  );
}
