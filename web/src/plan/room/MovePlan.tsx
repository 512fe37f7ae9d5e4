import type { SpacePlan } from '@phylaxon/core/panel/spacePlan';
import { sayPlace } from '@phylaxon/core/panel/layout';
import type { Board } from '@phylaxon/core/views/board';
import { moveQuestion, proposedSteps, roomSteps, type PlannedPanel } from '@phylaxon/core/views/planning';
import { useMemo } from 'react';
import { useComputation } from '../../shared/compute/index.ts';
import {
  BeforeAndAfter,
  DeadFirst,
  handsOff,
  KeepProposal,
  useMoveLayer,
  WorkSteps,
} from '../proposals/index.ts';
import * as messages from './messages.ts';

const NOTHING_NEW = { place: null, poles: 1, title: '' } as const;

interface Props {
  board: Board;
  planned: PlannedPanel;
  breakerId: string;
  space: number;
}

/** A breaker that was carried to another space on the board, as a plan: what is in the way moves first. */
export function MovePlan({ board, planned, breakerId, space }: Props) {
  const asked = useMemo(
    () => moveQuestion(planned, handsOff(board), { breakerId, space }),
    [planned, board, breakerId, space],
  );
  const plan = useComputation('space-plan', 'question' in asked ? asked.question : null);
  // The one that was carried comes last.
  const whole = useMemo<Pick<SpacePlan, 'steps'>>(() => {
    const last = { id: breakerId, to: { space, half: null }, as: 'move' as const };
    return { steps: plan?.possible ? [...plan.steps, last] : [] };
  }, [plan, breakerId, space]);
  useMoveLayer(whole.steps, NOTHING_NEW);
  const found = planned.breakers.find(({ breaker }) => breaker.id === breakerId);
  if ('stays' in asked || !found)
    return (
      <p role="status" className="text-2xl font-bold">
        {messages.thisBreakerStaysWhereItIs('stays' in asked && asked.stays)}
      </p>
    );
  if (!plan) return null;
  const { breaker, circuit } = found;
  const what = `${sayPlace(breaker)}${circuit ? ` ${circuit.label}` : ''}`;
  const to = breaker.poles === 2 ? messages.spacesAnd(space, space + 2) : messages.space(space);
  if (!plan.possible)
    return (
      <p role="status" className="text-2xl font-bold text-danger">
        {messages.cannotMoveTo(what, to)}
      </p>
    );
  return (
    <section aria-label={messages.plan} className="space-y-4">
      <p role="status" className="text-2xl font-bold">
        {messages.canMoveTo(what, to)}
      </p>
      <div className="grid grid-cols-[minmax(0,1fr)] gap-6 @2xl:grid-cols-[auto_minmax(0,1fr)]">
        <BeforeAndAfter board={board} steps={whole.steps} place={null} poles={breaker.poles} />
        <div className="space-y-4">
          {plan.steps.length > 0 && <p>{messages.comesOutFirstAndGoesIn(what)}</p>}
          <WorkSteps steps={roomSteps(whole, planned)} />
          <DeadFirst />
          <KeepProposal
            panel={board.panel}
            proposal={{
              title: messages.to(circuit?.label ?? messages.breaker, to),
              breakerId,
              poles: breaker.poles,
              ratingAmps: breaker.ratingAmps,
              kind: breaker.kind,
              place: { space, half: null },
              steps: proposedSteps(plan),
            }}
          />
        </div>
      </div>
    </section>
  );
}
