import { EDITIONS_NOTE, type PlaceAnswer } from '@phylaxon/core/code/protectionByPlace';

const HEADS: Record<PlaceAnswer['kind'], string> = {
  standard: 'A standard breaker is enough',
  gfci: 'A GFCI breaker is required, or a GFCI outlet first on the circuit',
  afci: 'An AFCI breaker is required',
  dual: 'A dual-function breaker (GFCI and AFCI) is required',
};

/** Which kind of breaker the place asks for, with the clause of each. */
export function ByPlace({ answer }: { answer: PlaceAnswer }) {
  return (
    <section aria-label="Kind of breaker" className="border-l-4 border-ink pl-3">
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
        <p className="text-sm text-ink-soft">
          With a pigtail it needs a place on the neutral bar; a plug-on neutral needs a panel with such a bar.
          It costs several times a plain one. Local lists go before.
        </p>
      )}
    </section>
  );
}
