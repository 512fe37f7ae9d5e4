import type { Isolation } from '@phylaxon/core/diagnosis/cases';
import { MOST_CONNECTED } from '@phylaxon/core/record/entities';
import { useState } from 'react';
import { caseEntries } from '../../shared/api/index.ts';
import { Button, FieldError, useAction } from '../../shared/ui/index.ts';
import { useStepWork } from '../caseRecord/index.ts';
import * as messages from './messages.ts';

/** What is connected may be more, or other, than what is drawn. */
export function Candidates({ isolation }: { isolation: Isolation }) {
  const { file, act } = useStepWork();
  const [name, setName] = useState('');
  const { candidates } = isolation;
  const { busy, problem, run } = useAction();
  const change = (names: string[]) =>
    void run(() => act(caseEntries.change(file.case.id, { candidates: names })));
  const add = () => {
    const more = name.trim();
    if (more === '' || candidates.includes(more) || candidates.length >= MOST_CONNECTED) return;
    setName('');
    change([...candidates, more]);
  };
  return (
    <details open={candidates.length === 0}>
      <summary className="min-h-11 py-2 font-semibold">{messages.somethingElseIsConnectedOrPart}</summary>
      <ul className="divide-y divide-rule">
        {candidates.map((one) => (
          <li key={one} className="flex min-h-11 items-center justify-between gap-3">
            {one}
            <button
              type="button"
              disabled={busy}
              onClick={() => change(candidates.filter((other) => other !== one))}
              aria-label={messages.isNotOnThisCircuit(one)}
              className="min-h-11 px-2 text-sm underline underline-offset-4"
            >
              {messages.notOnThisCircuit}
            </button>
          </li>
        ))}
      </ul>
      <div className="mt-2 flex gap-2">
        <input
          value={name}
          onChange={(event) => setName(event.target.value)}
          onKeyDown={(event) => event.key === 'Enter' && add()}
          aria-label={messages.anotherLoadOnThisCircuit}
          placeholder={messages.spaceHeater}
          className="min-h-11 min-w-0 flex-1 rounded-sm border border-rule-strong bg-bone px-3 placeholder:text-ink-soft"
        />
        <Button look="quiet" disabled={busy} onClick={add}>
          {messages.add}
        </Button>
      </div>
      <FieldError message={problem ?? undefined} />
    </details>
  );
}
