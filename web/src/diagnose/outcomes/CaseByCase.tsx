import type { OutcomeJudgment, Outcomes } from '@phylaxon/core/diagnosis/outcomes';
import { CAUSES } from '@phylaxon/core/facts/vocabulary';
import { useState } from 'react';
import { Link } from 'react-router';
import { CASE_OUTCOME_WORDS, sayConfirmed } from '../caseList/index.ts';
import { Button, classes, useUnits } from '../../shared/ui/index.ts';

/** A mark and a word, never a colour alone. */
const JUDGED: Record<OutcomeJudgment, { mark: string; word: string; look: string }> = {
  right: { mark: '✓', word: 'Right', look: 'text-good' },
  wrong: { mark: '✕', word: 'Wrong', look: 'text-danger' },
  'left-open': { mark: '–', word: 'Left open', look: 'text-ink-soft' },
};
const UNSAID = { mark: '?', word: 'Not known', look: 'text-ink-soft' };

/** As many as fit a screen. */
const AT_ONCE = 12;

/** Every closed case: what was decided, what it was. */
export function CaseByCase({ told: { cases } }: { told: Outcomes }) {
  const [all, setAll] = useState(false);
  return (
    <section aria-label="Case by case" className="border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">Case by case</h2>
      <ul className="divide-y divide-rule">
        {(all ? cases : cases.slice(0, AT_ONCE)).map((one) => (
          <OneCase key={one.id} of={one} />
        ))}
      </ul>
      {cases.length > AT_ONCE && (
        <Button look="quiet" className="mt-2" onClick={() => setAll(!all)}>
          {all ? 'Show the newest only' : `Show all ${cases.length}`}
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
            {`: ${one.action === null || one.action === 'gather-more' ? 'nothing was decided yet' : one.headline}`}
          </strong>
          <span className="block">
            {one.confirmed
              ? `It was “${CAUSES[one.confirmed.cause]}”: ${sayConfirmed(one.confirmed)}.`
              : 'Nobody has said what it was. Open it to say so.'}
          </span>
          <span className="block text-sm text-ink-soft">
            {one.site} · closed {timeText(one.closedAt)}
            {one.outcome && ` · ${CASE_OUTCOME_WORDS[one.outcome].toLowerCase()}`}
          </span>
        </span>
      </Link>
    </li>
  );
}
