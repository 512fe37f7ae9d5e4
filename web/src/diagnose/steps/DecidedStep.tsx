import type { TestId } from '@phylaxon/core/facts/vocabulary';
import { useEffect, useRef } from 'react';
import { Link } from 'react-router';
import { Advice, DecisionCard } from '../../breaker/decision/index.ts';
import { asButton, SimulatedMark } from '../../shared/ui/index.ts';
import { useProfile } from '../../shared/stores/index.ts';
import { Ending, NoteCardPart } from '../ending/index.ts';
import { IsolationProgress } from './IsolateStep.tsx';
import { useStepWork } from '../caseRecord/index.ts';
import * as messages from './messages.ts';

/** It is decided: what to do, why, what would change it; then how it ended. */
export default function DecidedStep({ onAsk }: { onAsk: (test: TestId) => void }) {
  const { file, view } = useStepWork();
  const profile = useProfile((state) => state.profile);
  const found = view.isolation?.found;
  const top = useRef<HTMLDivElement>(null);
  useEffect(() => {
    top.current?.focus({ preventScroll: true });
    top.current?.scrollIntoView({ block: 'nearest' });
  }, []);
  return (
    <div
      ref={top}
      tabIndex={-1}
      aria-label={messages.decision}
      role="group"
      className="scroll-mt-44 space-y-5 outline-none"
    >
      {found && view.isolation && (
        <section aria-label={messages.isolated} className="border-l-8 border-good bg-bone-raised px-4 py-3">
          <p className="text-sm font-semibold text-ink-soft">
            {messages.isolatedIn(
              view.isolation.trials.length,
              view.isolation.trials.length === 1 ? 'trial' : 'trials',
              view.isolation.trials.some(({ simulated }) => simulated) && <SimulatedMark />,
            )}
          </p>
          <h2 className="text-2xl font-bold">
            {found.name ? messages.theCauseIs(found.name) : messages.theCauseIsTheFixedWiring}
          </h2>
          <p>{found.name ? messages.leaveItUnpluggedEverythingElse : messages.leaveTheCircuitOffANew}</p>
          <details>
            <summary className="min-h-11 py-2 font-semibold">{messages.testResults}</summary>
            <IsolationProgress isolation={view.isolation} />
          </details>
        </section>
      )}
      {view.decision.forElectrician && profile === 'homeowner' && file.case.closedAt === null && (
        <Link to={`/cases/${file.case.id}/handover`} className={asButton('primary', 'large')}>
          {messages.handOverPage}
        </Link>
      )}
      {view.noteCard && <NoteCardPart card={view.noteCard} />}
      <DecisionCard
        decision={view.decision}
        changes={view.changes}
        onLog={file.case.closedAt === null ? onAsk : undefined}
        causesBeside
      />
      <Advice />
      <Ending />
    </div>
  );
}
