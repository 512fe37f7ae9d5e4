import type { NoteCard } from '@phylaxon/core/diagnosis/cases';
import { Link } from 'react-router';
import { PROFILE_LEVEL, TESTS } from '@phylaxon/core/facts/vocabulary';
import { asButton, useUnits } from '../../shared/ui/index.ts';
import { useProfile } from '../../shared/stores/index.ts';
import { useStepWork } from '../caseRecord/index.ts';
import * as messages from './messages.ts';

/** It does not show now: what to note when it happens again, and the way to where it is logged. */
export function NoteCardPart({ card }: { card: NoteCard }) {
  const { file } = useStepWork();
  const { say, dateText } = useUnits();
  const profile = useProfile((state) => state.profile);
  const breaker = file.dossier?.subject.breaker;
  return (
    <section
      aria-label={messages.noteCard}
      className="border-2 border-dashed border-rule-strong bg-bone-raised px-4 py-3"
    >
      <p className="text-sm font-semibold text-ink-soft">{messages.notPresentNow}</p>
      <h2 className="text-xl font-bold">{card.title}</h2>
      <ol className="mt-1 list-decimal space-y-1 pl-5 text-lg">
        {card.lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ol>
      {card.before.length > 0 && (
        <div
          role="group"
          aria-label={messages.previouslyOnRecord}
          className="mt-3 border-l-8 border-heed py-1 pl-4"
        >
          <h3 className="font-bold">{messages.onRecordBeforeThisCaseAnd}</h3>
          <ul className="mt-1 space-y-1">
            {card.before.map(({ test, text, at }) => (
              <li key={test}>
                <span className="text-sm text-ink-soft">{dateText(at)}:</span> {say(text)}
                {breaker && TESTS[test].level <= PROFILE_LEVEL[profile] ? (
                  <Link
                    to={`/panels/${breaker.panelId}/breakers/${breaker.id}?log=${test}`}
                    className="ml-2 inline-flex min-h-11 items-center underline"
                  >
                    {messages.logTheCurrentCondition}
                  </Link>
                ) : (
                  <span className="block">{messages.anElectricianHasToCheckWhether}</span>
                )}
              </li>
            ))}
          </ul>
          <p>{messages.theAnswerBelowLeavesThis}</p>
        </div>
      )}
      {breaker && (
        <Link
          to={`/panels/${breaker.panelId}/breakers/${breaker.id}?log=${card.log}`}
          className={`mt-3 ${asButton('quiet')}`}
        >
          {messages.logItForThisBreaker}
        </Link>
      )}
    </section>
  );
}
