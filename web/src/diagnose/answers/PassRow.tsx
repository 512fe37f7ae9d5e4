import { PASSES } from '@phylaxon/core/record/entities';
import type { TestId } from '@phylaxon/core/facts/vocabulary';
import { caseEntries } from '../../shared/api/index.ts';
import { PASS_WORDS } from '../caseList/index.ts';
import { now, useStepWork } from '../caseRecord/index.ts';

interface Props {
  /** What is put aside. */
  tests: readonly TestId[];
  busy: boolean;
  onPass: (work: () => Promise<void>) => Promise<unknown>;
}

/** Answers that give none: later, cannot, not sure. The case goes on without. */
export function PassRow({ tests, busy, onPass }: Props) {
  const { file, act } = useStepWork();
  return (
    <div className="flex flex-wrap gap-x-5 border-t border-rule pt-1">
      {PASSES.map((why) => (
        <button
          key={why}
          type="button"
          disabled={busy}
          onClick={() =>
            void onPass(() => act(caseEntries.pass(file.case.id, { tests: [...tests], why, at: now() })))
          }
          className="min-h-11 font-medium underline underline-offset-4 hover:bg-bone-sunk"
        >
          {PASS_WORDS[why]}
        </button>
      ))}
    </div>
  );
}
