import type { VisitFact } from './schema.ts';
import { isStepSettled, type TaskState, type WorkState } from './state.ts';
import { taskKind } from './taskKinds.ts';
import type { StepId } from './stepIds.ts';
import type { Way } from './troubleIds.ts';
import { troubleOf } from './troubles.ts';

type Changed = Extract<VisitFact, { is: 'changed' }>;

const without = (done: ReadonlySet<StepId>, ...again: StepId[]): ReadonlySet<StepId> =>
  new Set([...done].filter((step) => !again.includes(step)));

/** What is loose and what is open there now. */
function lieOf({ work, done }: TaskState): Pick<TaskState, 'isFreed' | 'isOut'> {
  const isIn = done.has('hook-press');
  return {
    isFreed: (done.has('free') || done.has('bring-cable')) && !done.has('conductor-in'),
    isOut: (done.has('rock-off') || (taskKind(work).drawing === 'installed' && done.has('stab'))) && !isIn,
  };
}

/** A place as it becomes; `null`: it cannot. */
function becomes(task: TaskState, { way, space, ratingAmps }: Changed): TaskState | null {
  const settled = { ...task, trouble: null };
  switch (way) {
    case 'other-space':
      if (space === null || space === task.space) return null;
      return {
        ...settled,
        space,
        placeId: `${task.id}@${space}`,
        isElsewhere: taskKind(task.work).drawing !== 'installed',
        done: without(task.done, 'stab', 'hook-press'),
      };
    case 'smaller':
      // Never a larger one.
      if (ratingAmps === null || ratingAmps >= task.ratingAmps) return null;
      return { ...settled, ratingAmps, done: without(task.done, 'compare', 'click', 'hook-press') };
    case 'other-part':
      return { ...settled, done: without(task.done, 'compare', 'click', 'hook-press') };
    case 'put-back':
      // The old part, though the new one may be in by now.
      return taskKind(task.work).drawing === 'replaced'
        ? {
            ...settled,
            given: 'back',
            isOldPart: true,
            isFreed: true,
            isOut: task.done.has('rock-off'),
            done: without(task.done, 'hook-press', 'neutral-in', 'conductor-in'),
          }
        : null;
    case 'not-now':
      return { ...settled, given: 'up', ...lieOf(task) };
    case 'never-grounded':
      return { ...settled, proofs: new Map([...task.proofs, ['outlet-wiring', 'passed']]) };
    case 'look-up':
      return settled;
    default:
      return { ...settled, extras: new Set([...task.extras, way]) };
  }
}

/**
 * A place changes its plan: as what was found there allows, or given up for this time.
 *
 * @param state how far the visit is
 * @param fact which way
 * @returns how far it is then; `null`: that way is not open
 */
export function changeTask(state: WorkState, fact: Changed): WorkState | null {
  const task = state.tasks.find(({ id }) => id === fact.id);
  if (!task || task.given === 'up' || !isOpen(state, task, fact)) return null;
  const next = becomes(task, fact);
  return next && { ...state, tasks: state.tasks.map((one) => (one === task ? next : one)) };
}

function isOpen(state: WorkState, task: TaskState, { way, space }: Changed): boolean {
  const isTaken = state.tasks.some((one) => one !== task && one.space === space);
  if (way === 'other-space' && isTaken) return false;
  // Anything may be left for another day, until it is done.
  if (way === 'not-now' && !isStepSettled(state, task)) return true;
  return task.trouble !== null && (troubleOf(task.trouble).ways as readonly Way[]).includes(way);
}
