import type { OutcomeJudgment, Outcomes } from '@phylaxon/core/diagnosis/outcomes';
import { CAUSES } from '@phylaxon/core/facts/vocabulary';
import { useState } from 'react';
import { Link } from 'react-router';
import { CASE_OUTCOME_WORDS, sayConfirmed } from '../caseList/index.ts';
import { Button, classes, useUnits } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

/** A mark and a word, never a colour alone. */
const JUDGED: Record<OutcomeJudgment, { mark: string; word: string; look: string }> = {
  right: { mark: '✓', word: messages.right, look: 'text-good' },
  wrong: { mark: '✕', word: messages.wrong, look: 'text-danger' },
  'left-open': { mark: '–', word: messages.undecided, look: 'text-ink-soft' },
};
const UNSAID = { mark: '?', word: messages.notKnown, look: 'text-ink-soft' };

/** As many as fit a screen. */
const AT_ONCE = 12;

/** Every closed case: what was decided, what it was. */
export function CaseByCase({ told: { cases } }: { told: Outcomes }) {
  const [all, setAll] = useState(false);
  return (
    <section aria-label={messages.caseByCase} className="border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">{messages.caseByCase}</h2>
      <ul className="divide-y divide-rule">
        {(all ? cases : cases.slice(0, AT_ONCE)).map((one) => (
          <OneCase key={one.id} of={one} />
        ))}
      </ul>
      {cases.length > AT_ONCE && (
        <Button look="quiet" className="mt-2" onClick={() => setAll(!all)}>
          {all ? messages.showOnlyTheNewest : messages.showAll(cases.length)}
        </Button>
      )}
    </section>
  );
}

function OneCase({ of: one }: { of: Outcomes['cases'][number] }) {
  const { timeText } = useUnits();
  const { mark, word, look } = one.judgement ? JUDGED[one.judgement] : UNSAID;
  return (
    <li>
      <Link
        to={`/cases/${one.id}`}
        className="grid grid-cols-[7rem_1fr] gap-x-3 px-1 py-2 hover:bg-bone-sunk max-sm:grid-cols-1"
      >
        <span className={classes('font-semibold', look)}>
          <span aria-hidden="true" className="mr-1 inline-block w-4">
            {mark}
          </span>
          {word}
        </span>
        <span>
          <strong className="block">
            {one.where || one.site}
            {`: ${one.action === null || one.action === 'gather-more' ? messages.noDecisionYet : one.headline}`}
          </strong>
          <span className="block">
            {one.confirmed
              ? messages.cause(CAUSES[one.confirmed.cause], sayConfirmed(one.confirmed))
              : messages.theCauseHasNotBeenConfirmed}
          </span>
          <span className="block text-sm text-ink-soft">
            {messages.closed(
              one.site,
              timeText(one.closedAt),
              one.outcome && ` · ${CASE_OUTCOME_WORDS[one.outcome].toLowerCase()}`,
            )}
          </span>
        </span>
      </Link>
    </li>
  );
}
