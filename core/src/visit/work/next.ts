import { MAIN, type FactName, type ToMeasure } from '../gates/index.ts';
import { isProofDue, missingProofs } from './proofs.ts';
import type { VisitPlan } from './schema.ts';
import type { ProofId } from './workKinds.ts';
import { isStepSettled, type TaskState, type WorkState } from './state.ts';
import type { StepId } from './stepIds.ts';
import { dueStep } from './steps.ts';
import { taskKind } from './taskKinds.ts';
import type { TroubleId } from './troubleIds.ts';
import { leftToMeasure } from './walk.ts';

/** The one thing that is next in a visit. */
export type NextVisitStep =
  | {
      kind: 'gate';
      is: Exclude<FactName, 'measured' | 'swapped' | 'verified' | 'handle-on' | 'source-isolated'>;
    }
  | { kind: 'source'; id: string }
  | { kind: 'measure'; what: ToMeasure; left: number }
  | { kind: 'step'; id: string; step: StepId }
  | { kind: 'choose'; id: string; trouble: TroubleId }
  | { kind: 'swapped'; id: string }
  | { kind: 'handle-on'; id: string }
  | { kind: 'verify'; id: string }
  | { kind: 'proof'; id: string; proof: ProofId }
  | { kind: 'leave' }
  | { kind: 'finish' }
  | { kind: 'end' };

const gate = (is: Extract<NextVisitStep, { kind: 'gate' }>['is']): NextVisitStep => ({ kind: 'gate', is });

function makeDead(plan: VisitPlan, { gates }: WorkState): NextVisitStep {
  if (!gates.proved) return gate('tester-proved');
  if (!gates.mainOn) return gate(gates.locked ? 'cover-off' : 'locked');
  if (!gates.handlesOff) return gate('handles-off');
  const source = plan.sources.find(({ id }) => !gates.isolated.has(id));
  return source ? { kind: 'source', id: source.id } : gate('main-off');
}

/** With the cover off: prove it dead, then place after place. */
function workOpen(plan: VisitPlan, state: WorkState, task: TaskState): NextVisitStep {
  const [what, ...rest] = leftToMeasure(plan, state);
  if (what) return { kind: 'measure', what, left: rest.length + 1 };
  if (!state.gates.proved || !state.gates.provedSince) return gate('tester-proved');
  if (task.trouble !== null) return { kind: 'choose', id: task.id, trouble: task.trouble };
  const step = dueStep(task);
  return step === null ? { kind: 'swapped', id: task.placeId } : { kind: 'step', id: task.id, step };
}

function proveTask(state: WorkState, task: TaskState): NextVisitStep | null {
  const { id, placeId, given, trouble } = task;
  if (given === 'up' || taskKind(task.work).isOfPanel) return null;
  if (trouble !== null) return { kind: 'choose', id, trouble };
  if (!state.gates.on.has(placeId))
    return isProofDue(task, 'off-output')
      ? { kind: 'proof', id, proof: 'off-output' }
      : { kind: 'handle-on', id: placeId };
  const [missing] = missingProofs(state, task);
  if (missing === undefined) return null;
  return missing === 'verified' ? { kind: 'verify', id: placeId } : { kind: 'proof', id, proof: missing };
}

/**
 * The one thing that is next.
 *
 * @param plan what is to be done
 * @param state how far it is
 * @returns what is asked for
 * @example nextOf(plan, begun(plan)) // { kind: 'gate', is: 'dressed' }
 */
export function nextOf(plan: VisitPlan, state: WorkState): NextVisitStep {
  const { gates, tasks } = state;
  if (state.finished || gates.abandoned) return { kind: 'end' };
  if (state.ending !== null || gates.stop !== null)
    return gates.coverOn ? { kind: 'leave' } : gate('cover-on');
  if (!gates.dressed) return gate('dressed');
  const open = tasks.find((task) => !isStepSettled(state, task));
  if (gates.coverOn && open) return makeDead(plan, state);
  if (!gates.coverOn) {
    if (open) return workOpen(plan, state, open);
    return state.holesFilled ? gate('cover-on') : { kind: 'step', id: MAIN, step: 'fill' };
  }
  if (gates.locked) return gate('unlocked');
  if (!gates.mainOn) return gate('main-on');
  // Everything was given up before the power was off.
  if (!gates.mainCameOn) return { kind: 'leave' };
  for (const task of tasks) {
    const next = proveTask(state, task);
    if (next) return next;
  }
  return { kind: 'finish' };
}
