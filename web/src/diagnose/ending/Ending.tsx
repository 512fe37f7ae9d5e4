import { CASE_OUTCOMES, type CaseOutcome, type Confirmation } from '@phylaxon/core/record/entities';
import { useState } from 'react';
import { caseEntries } from '../../shared/api/index.ts';
import { CASE_OUTCOME_WORDS } from '../caseList/index.ts';
import { Button, classes, FieldError, useAction } from '../../shared/ui/index.ts';
import { useProfile } from '../../shared/stores/index.ts';
import { Closed } from './Closed.tsx';
import { HandOverLink } from './HandOverLink.tsx';
import { now, useStepWork } from '../caseRecord/index.ts';
import { WhatItWas } from './WhatItWas.tsx';
import * as messages from './messages.ts';

/** The outcome that goes with most decisions of a family. */
const USUAL: Record<string, CaseOutcome> = {
  reset: 'reset-holds',
  keep: 'reset-holds',
  replace: 'replaced',
  resize: 'resized',
  'not-the-breaker': 'repaired-elsewhere',
  'need-more': 'handed-over',
};

/** Close the case with how it ended, hand it over, or take it up again. */
export function Ending() {
  const { file, view, act } = useStepWork();
  const { busy, problem, leave } = useAction();
  const { closedAt, outcome, id } = file.case;
  const [chosen, setChosen] = useState<CaseOutcome>(
    view.decision.stop.active ? 'handed-over' : (USUAL[view.decision.family] ?? 'not-found'),
  );
  const profile = useProfile((state) => state.profile);
  const [confirmed, setConfirmed] = useState<Confirmation | null>(null);
  const [note, setNote] = useState('');
  if (closedAt !== null && outcome !== null) return <Closed closedAt={closedAt} outcome={outcome} />;
  return (
    <section aria-label={messages.result} className="border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">{messages.howDidTheCaseEnd}</h2>
      <p className="text-ink-soft">{messages.closeTheCaseWhenTheWork}</p>
      <fieldset className="mt-2 grid gap-1 sm:grid-cols-2">
        <legend className="sr-only">{messages.result}</legend>
        {CASE_OUTCOMES.map((one) => (
          <label
            key={one}
            className={classes('flex min-h-11 items-center gap-3', chosen === one && 'font-semibold')}
          >
            <input
              type="radio"
              name="outcome"
              checked={chosen === one}
              onChange={() => setChosen(one)}
              className="size-5 accent-ink"
            />
            {CASE_OUTCOME_WORDS[one]}
          </label>
        ))}
      </fieldset>
      <WhatItWas value={confirmed} who={profile} onChange={setConfirmed} />
      <label className="mt-2 block">
        <span className="mb-1 block text-sm font-medium">{messages.notesForNextTime}</span>
        <textarea
          value={note}
          maxLength={2000}
          onChange={(event) => setNote(event.target.value)}
          rows={2}
          className="w-full rounded-sm border border-rule-strong bg-bone-raised px-3 py-2"
        />
      </label>
      <p className="mt-2 flex flex-wrap gap-3">
        <Button
          disabled={busy}
          onClick={() =>
            void leave(() =>
              act(caseEntries.close(id, { outcome: chosen, confirmed, note: note.trim(), at: now() })),
            )
          }
        >
          {messages.closeTheCase}
        </Button>
        <HandOverLink id={id} />
      </p>
      <FieldError message={problem ?? undefined} />
    </section>
  );
}
