import { PROOF_WORDS } from '@phylaxon/core/views/visit';
import { proofsOf } from '@phylaxon/core/visit/work';
import { visitPlace, StepScreen, TellButton, useVisitWork } from '../visitRecord/index.ts';
import { ProofAnswer } from './ProofAnswer.tsx';
import { uncapital } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

/** All that is asked for at once is proved: what may be measured now or later, and the end. */
export function FinishScreen() {
  const work = useVisitWork();
  const { state } = work;
  const later = state.tasks
    .filter(({ given }) => given !== 'up')
    .flatMap((now) => {
      const { task } = visitPlace(work, now.id);
      return proofsOf(now).later.flatMap((proof) => (now.proofs.has(proof) ? [] : [{ task, proof }]));
    });
  return (
    <StepScreen
      title={messages.turnOnTheRemainingBreakersOne}
      how={[
        messages.turnOnTheOtherBranchBreakers,
        messages.turnTheOtherSourcesBackOn,
        messages.updateTheDirectoryNowInInk,
      ]}
    >
      <TellButton fact={{ is: 'finished' }}>{messages.everythingIsOnEndTheVisit}</TellButton>
      {later.length > 0 && (
        <details className="border-t border-rule-strong">
          <summary className="min-h-11 py-2 text-lg font-bold">{messages.testUnderLoadNowOrLater}</summary>
          <ul className="space-y-4">
            {later.map(({ task, proof }) => (
              <li key={`${task.id} ${proof}`} className="border-t border-rule pt-3">
                <p className="font-semibold">
                  {task.label}: {uncapital(PROOF_WORDS[proof].title)}
                </p>
                <p className="mb-2 text-sm text-ink-soft">{PROOF_WORDS[proof].how[0]}</p>
                <ProofAnswer id={task.id} proof={proof} />
              </li>
            ))}
          </ul>
        </details>
      )}
    </StepScreen>
  );
}
