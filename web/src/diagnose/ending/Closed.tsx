import type { CaseOutcome } from '@phylaxon/core/record/entities';
import { CAUSES } from '@phylaxon/core/facts/vocabulary';
import { useState } from 'react';
import { caseEntries } from '../../shared/api/index.ts';
import { CASE_OUTCOME_WORDS, sayConfirmed } from '../caseList/index.ts';
import { Button, FieldError, useUnits, useAction } from '../../shared/ui/index.ts';
import { useProfile } from '../../shared/stores/index.ts';
import { HandOverLink } from './HandOverLink.tsx';
import { useStepWork } from '../caseRecord/index.ts';
import { WhatItWas } from './WhatItWas.tsx';
import * as messages from './messages.ts';

/** A closed case: how it ended, and what it was, which often is known only later. */
export function Closed({ closedAt, outcome }: { closedAt: string; outcome: CaseOutcome }) {
  const { timeText } = useUnits();
  const { file, act } = useStepWork();
  const { busy, problem, leave } = useAction();
  const { closingNote, confirmed, id } = file.case;
  return (
    <section aria-label={messages.result} className="border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">{messages.closed(CASE_OUTCOME_WORDS[outcome])}</h2>
      <p className="text-ink-soft">{timeText(closedAt)}</p>
      {closingNote && <p className="mt-1">{closingNote}</p>}
      <p className="mt-2">
        {confirmed ? (
          <>{messages.cause(<strong>“{CAUSES[confirmed.cause]}”</strong>, sayConfirmed(confirmed))}</>
        ) : (
          messages.theCauseHasNotBeenConfirmed
        )}
      </p>
      <Later key={JSON.stringify(confirmed)} />
      <p className="mt-2 flex flex-wrap gap-3">
        <Button look="quiet" disabled={busy} onClick={() => void leave(() => act(caseEntries.reopen(id)))}>
          {messages.reopenTheCase}
        </Button>
        <HandOverLink id={id} />
      </p>
      <FieldError message={problem ?? undefined} />
    </section>
  );
}

/** What it was, told after it was closed. */
function Later() {
  const { file, act } = useStepWork();
  const { busy, problem, run } = useAction();
  const profile = useProfile((state) => state.profile);
  const { confirmed, id } = file.case;
  const [told, setTold] = useState(confirmed);
  return (
    <details className="mt-1">
      <summary className="min-h-11 py-2 font-semibold">
        {confirmed ? messages.changeTheCause : messages.enterTheCause}
      </summary>
      <WhatItWas value={told} who={profile} onChange={setTold} />
      <Button
        className="mt-2"
        disabled={busy || JSON.stringify(told) === JSON.stringify(confirmed)}
        onClick={() => void run(() => act(caseEntries.confirm(id, { confirmed: told })))}
      >
        {messages.saveTheCause}
      </Button>
      <FieldError message={problem ?? undefined} />
    </details>
  );
}
