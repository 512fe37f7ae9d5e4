import { isProtected } from '../../panel/layout/index.ts';
import type { ProofId } from './workKinds.ts';
import { taskKind } from './taskKinds.ts';
import type { TaskState, WorkState } from './state.ts';

/**
 * What proves the work at a place: at once, and later.
 *
 * @param task what it is
 * @returns proofs in their order; those of `later` do not hold the visit up
 * @example proofsOf(task).later // ['current', 'temperature']
 */
export function proofsOf({
  work,
  poles,
  kind,
  receptacles,
}: Pick<TaskState, 'work' | 'poles' | 'kind' | 'receptacles'>): {
  now: ProofId[];
  later: ProofId[];
} {
  if (taskKind(work).isOfPanel) return { now: [], later: [] };
  const hasOutlet = receptacles && poles === 1;
  return {
    now: [
      ...(hasOutlet ? (['off-output'] as const) : []),
      ...(poles === 2 ? (['between-poles'] as const) : []),
      ...(hasOutlet ? (['outlet-wiring'] as const) : []),
      ...(isProtected(kind) ? (['test-button'] as const) : []),
    ],
    later: ['current', 'temperature'],
  };
}

/** Whether a proof of a place is asked for at once, and has not passed. */
export const isProofDue = (task: TaskState, proof: ProofId): boolean =>
  proofsOf(task).now.includes(proof) && task.proofs.get(proof) !== 'passed';

/** What of a place is not proved: its output, then what is asked for at once. */
export const missingProofs = ({ gates }: WorkState, task: TaskState): (ProofId | 'verified')[] => [
  ...(gates.verified.has(task.placeId) || taskKind(task.work).isOfPanel ? [] : (['verified'] as const)),
  ...proofsOf(task).now.filter((proof) => isProofDue(task, proof)),
  // A failure of what was measured later counts as well.
  ...proofsOf(task).later.filter((proof) => task.proofs.get(proof) === 'failed'),
];
