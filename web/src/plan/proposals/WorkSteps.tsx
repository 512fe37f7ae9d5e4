import { TRACE_NEUTRAL, type RoomStep } from '@phylaxon/core/views/planning';
import * as messages from './messages.ts';

/** What is done, in its order, with the parts each step takes. */
export function WorkSteps({ steps }: { steps: readonly RoomStep[] }) {
  if (steps.length === 0) return <p>{messages.nothingHasToMove}</p>;
  return (
    <ol className="list-decimal space-y-1 pl-5">
      {steps.map(({ breakerId, text, parts, changesLeg, needsTracing }) => (
        <li key={breakerId}>
          <strong>{text}</strong>
          {changesLeg && messages.toTheOtherLeg}.
          {needsTracing && <span className="block">{TRACE_NEUTRAL}</span>}
          {parts.length > 0 && (
            <span className="block text-sm text-ink-soft">{messages.parts(parts.join('; '))}</span>
          )}
        </li>
      ))}
    </ol>
  );
}
