import { BEGUN, type VisitPlaces, type VisitState } from '../gates/index.ts';
import type { VisitPlan, VisitTask } from './schema.ts';
import type { ProofId } from './workKinds.ts';
import { dueStep, type StepState } from './steps.ts';
import { taskKind } from './taskKinds.ts';
import type { TroubleId } from './troubleIds.ts';

/** How far the work at one place is, and what it has become since it was planned. */
export interface TaskState
  extends StepState, Pick<VisitTask, 'id' | 'space' | 'poles' | 'ratingAmps' | 'kind' | 'receptacles'> {
  /** The place as the gates know it: another once it goes to another space. */
  placeId: string;
  /** The old part goes back, or went back, in place of the new one. */
  isOldPart: boolean;
  /** What has to be decided before anything else is done there. */
  trouble: TroubleId | null;
  proofs: ReadonlyMap<ProofId, 'passed' | 'failed'>;
  /** A as measured, once it was. */
  amps: number | null;
}

/** How far a visit is: the gates, and the work behind them. */
export interface WorkState {
  gates: VisitState;
  tasks: readonly TaskState[];
  /** What was met last, until something else is told. */
  met: { trouble: TroubleId; id: string } | null;
  /** What ends it: hands off and out, or only leaving is left. */
  ending: TroubleId | null;
  holesFilled: boolean;
  paused: boolean;
  finished: boolean;
  /** The state before the last step, where that step may be taken back; null: it may not. */
  beforeLast: WorkState | null;
}

const begunTask = (task: VisitTask): TaskState => {
  const { id, work, space, poles, ratingAmps, kind, neutral, receptacles } = task;
  return {
    ...{ id, work, space, poles, ratingAmps, kind, neutral, receptacles },
    placeId: id,
    extras: new Set(),
    given: 'no',
    isElsewhere: false,
    isOldPart: false,
    isFreed: false,
    isOut: false,
    done: new Set(),
    trouble: null,
    proofs: new Map(),
    amps: null,
  };
};

/**
 * A visit before anything happened.
 *
 * @param plan what is to be done
 * @returns its state
 * @example begun(plan).gates.mainOn // true
 */
export const begun = (plan: VisitPlan): WorkState => ({
  gates: BEGUN,
  tasks: plan.tasks.map(begunTask),
  met: null,
  ending: null,
  holesFilled: plan.holes.length === 0,
  paused: false,
  finished: false,
  beforeLast: null,
});

/**
 * Whether hands may be inside: from the moment the main is off until it is on again, and while the cover is off.
 *
 * @param state how far the visit is
 * @returns whether work is open
 * @example isOpen(begun(plan)) // false
 */
export const isOpen = ({ gates }: WorkState): boolean =>
  !gates.abandoned && (!gates.mainOn || !gates.coverOn);

/**
 * Whether nothing more is done at a place with the panel open.
 *
 * @param state how far the visit is
 * @param task the place
 * @returns whether it is done, or given up and made safe
 * @example isStepSettled(begun(plan), begun(plan).tasks[0]) // false
 */
export const isStepSettled = ({ gates }: WorkState, task: TaskState): boolean =>
  task.given === 'up' || taskKind(task.work).isOfPanel
    ? dueStep(task) === null
    : gates.swapped.has(task.placeId);

/** What the gates are asked about: a place that was given up and made safe is none any more. */
export const placesOf = ({ sources }: VisitPlan, state: WorkState): VisitPlaces => ({
  touched: state.tasks
    .filter((task) => task.given !== 'up' || dueStep(task) !== null)
    .filter(({ work }) => !taskKind(work).isLook)
    .map(({ placeId, poles }) => ({ id: placeId, poles })),
  otherSources: sources.map(({ id }) => id),
});
