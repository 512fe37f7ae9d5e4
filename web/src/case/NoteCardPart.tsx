import type { NoteCard } from '@phylaxon/core/diagnosis/cases';
import { Link } from 'react-router';
import { asButton } from '../shared/index.ts';
import { useStepWork } from './step.ts';

/** It does not show now: what to note when it happens again, and the way to where it is logged. */
export function NoteCardPart({ card }: { card: NoteCard }) {
  const { file } = useStepWork();
  const breaker = file.dossier?.subject.breaker;
  return (
    <section
      aria-label="Note card"
      className="border-2 border-dashed border-rule-strong bg-bone-raised px-4 py-3"
    >
      <p className="text-sm font-semibold text-ink-soft">It does not show now</p>
      <h2 className="text-xl font-bold">{card.title}</h2>
      <ol className="mt-1 list-decimal space-y-1 pl-5 text-lg">
        {card.lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ol>
      {breaker && (
        <Link
          to={`/panels/${breaker.panelId}/breakers/${breaker.id}?log=${card.log}`}
          className={`mt-3 ${asButton('quiet')}`}
        >
          Log it here, on this breaker
        </Link>
      )}
    </section>
  );
}
