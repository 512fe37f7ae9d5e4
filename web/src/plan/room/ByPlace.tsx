import { EDITIONS_NOTE, type PlaceAnswer } from '@phylaxon/core/code/protectionByPlace';
import * as messages from './messages.ts';

const HEADS: Record<PlaceAnswer['kind'], string> = {
  standard: messages.aStandardBreakerIsEnough,
  gfci: messages.gfciBreakerRequiredOrAGfci,
  afci: messages.afciBreakerRequired,
  dual: messages.dualFunctionBreakerGfciAndAfci,
};

/** Which kind of breaker the place asks for, with the clause of each. */
export function ByPlace({ answer }: { answer: PlaceAnswer }) {
  return (
    <section aria-label={messages.breakerType} className="border-l-4 border-ink pl-3">
      <p className="font-bold">{HEADS[answer.kind]}.</p>
      <ul>
        {answer.reasons.map(({ text }) => (
          <li key={text} className="text-sm">
            {text}
          </li>
        ))}
      </ul>
      <p className="text-sm text-ink-soft">{EDITIONS_NOTE}</p>
      {answer.kind !== 'standard' && (
        <p className="text-sm text-ink-soft">{messages.thePigtailTypeNeedsAScrew}</p>
      )}
    </section>
  );
}
