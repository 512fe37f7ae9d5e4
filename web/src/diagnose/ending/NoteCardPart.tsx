import type { NoteCard } from '@phylaxon/core/diagnosis/cases';
import { Link } from 'react-router';
import { PROFILE_LEVEL, TESTS } from '@phylaxon/core/facts/vocabulary';
import { asButton, useUnits } from '../../shared/ui/index.ts';
import { useProfile } from '../../shared/stores/index.ts';
import { useStepWork } from '../caseRecord/index.ts';

/** It does not show now: what to note when it happens again, and the way to where it is logged. */
export function NoteCardPart({ card }: { card: NoteCard }) {
  const { file } = useStepWork();
  const { say, dateText } = useUnits();
  const profile = useProfile((state) => state.profile);
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
      {card.before.length > 0 && (
        <div role="group" aria-label="On record before" className="mt-3 border-l-8 border-heed py-1 pl-4">
          <h3 className="font-bold">On record before this case, and not looked at since</h3>
          <ul className="mt-1 space-y-1">
            {card.before.map(({ test, text, at }) => (
              <li key={test}>
                <span className="text-sm text-ink-soft">{dateText(at)}:</span> {say(text)}
                {breaker && TESTS[test].level <= PROFILE_LEVEL[profile] ? (
                  <Link
                    to={`/panels/${breaker.panelId}/breakers/${breaker.id}?log=${test}`}
                    className="ml-2 inline-flex min-h-11 items-center underline"
                  >
                    Log how it is now
                  </Link>
                ) : (
                  <span className="block">An electrician finds out whether that is still so.</span>
                )}
              </li>
            ))}
          </ul>
          <p>The answer below leaves it out. If it is still so, a different answer holds.</p>
        </div>
      )}
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
