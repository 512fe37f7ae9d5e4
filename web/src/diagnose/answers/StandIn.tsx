import type { StandInCase } from '@phylaxon/core/simulate/person';
import { FlaskConical } from 'lucide-react';
import { useState } from 'react';
import { useStepWork } from '../caseRecord/index.ts';
import * as messages from './messages.ts';

interface Props {
  busy: boolean;
  /** Have it answered for this case, and store what it tells. */
  ask: (about: StandInCase) => Promise<unknown>;
}

/** On a demo site, where nobody stands at a panel: the simulated stand-in answers, plainly marked. */
export function StandIn({ busy, ask }: Props) {
  const { file } = useStepWork();
  const [asking, setAsking] = useState(false);
  if (!file.site.demo) return null;
  const onClick = async () => {
    setAsking(true);
    const { id: caseId, complaint } = file.case;
    const breaker = file.dossier?.subject.breaker;
    await ask({ caseId, complaint, breaker: breaker ?? null }).finally(() => setAsking(false));
  };
  return (
    <button
      type="button"
      disabled={busy || asking}
      onClick={() => void onClick()}
      className="flex min-h-11 items-center gap-2 border border-dashed border-rule-strong px-3 py-1 text-left hover:bg-bone-sunk"
    >
      <FlaskConical aria-hidden="true" className="size-5 shrink-0" />
      <span>{messages.usesSimulatedAnswersThisIsA(<strong>{messages.simulatedAnswers}</strong>)}</span>
    </button>
  );
}
