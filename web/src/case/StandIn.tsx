import type { TestId } from '@phylaxon/core/vocabulary';
import { FlaskConical } from 'lucide-react';
import { useState } from 'react';
import { standIn } from '../compute/index.ts';
import { useStepWork } from './step.ts';

interface Props {
  tests: readonly TestId[];
  busy: boolean;
  /** The outcome of each test, in their order. */
  onAnswer: (outcomes: string[]) => void;
}

/** On a demo site, where nobody stands at a panel: the simulated stand-in answers, plainly marked. */
export function StandIn({ tests, busy, onAnswer }: Props) {
  const { file } = useStepWork();
  const [asking, setAsking] = useState(false);
  if (!file.site.demo) return null;
  const ask = async () => {
    setAsking(true);
    const { id: caseId, complaint } = file.case;
    const breaker = file.dossier?.subject.breaker;
    const unit = breaker ? { kind: breaker.kind, poles: breaker.poles } : null;
    onAnswer(await Promise.all(tests.map((test) => standIn({ caseId, complaint, test, unit }))));
  };
  return (
    <button
      type="button"
      disabled={busy || asking}
      onClick={() => void ask()}
      className="flex min-h-11 items-center gap-2 border border-dashed border-rule-strong px-3 text-left hover:bg-bone-sunk"
    >
      <FlaskConical aria-hidden="true" className="size-5 shrink-0" />
      <span>
        <strong>Simulated stand-in:</strong> let a made-up house answer. This is a demo site.
      </span>
    </button>
  );
}
