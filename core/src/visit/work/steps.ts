import type { VisitTask } from './schema.ts';
import { taskKind } from './taskKinds.ts';
import { BEFORE_ITS_SCREW, type ExtraStep, type StepId } from './stepIds.ts';

/** What tells which steps a place takes, and how many of them are done. */
export interface StepState extends Pick<VisitTask, 'work' | 'neutral'> {
  extras: ReadonlySet<ExtraStep>;
  /** It goes on as planned, the old part goes back, or it is given up for this time. */
  given: 'no' | 'back' | 'up';
  isElsewhere: boolean;
  /** The conductor was loose, the old part was out, when the plan changed: what has to be put back or made safe. */
  isFreed: boolean;
  isOut: boolean;
  done: ReadonlySet<StepId>;
}

const withExtras = (steps: readonly StepId[], extras: ReadonlySet<ExtraStep>): StepId[] =>
  steps.flatMap((step) =>
    step === 'conductor-in'
      ? [...BEFORE_ITS_SCREW.filter((extra) => extras.has(extra) && !steps.includes(extra)), step]
      : [step],
  );

/**
 * What is done at a place, in its order, by what was planned and found.
 *
 * @param task as it stands
 * @returns its steps, done or not
 * @example taskSteps(begun(task))[0] // 'mark'
 */
export function taskSteps(task: StepState): StepId[] {
  const { work, neutral, extras, given, isElsewhere, isFreed, isOut } = task;
  const { steps } = taskKind(work);
  // A new cable brings its neutral along.
  const hasNeutral = neutral === 'pigtail' || (steps.includes('bring-cable') && neutral === 'none');
  switch (given) {
    case 'up':
      return [...(isFreed ? (['cap'] as const) : []), ...(isOut ? (['fill'] as const) : [])];
    case 'back':
      // The old part goes back as it came: nothing is compared.
      return withExtras(
        [
          ...(isOut ? (['hook-press'] as const) : []),
          ...(hasNeutral && isOut ? (['neutral-in'] as const) : []),
          'conductor-in',
        ],
        extras,
      );
    case 'no': {
      const usual = steps.filter((step) => step !== 'neutral-in' || hasNeutral);
      const isToFill = isElsewhere && !usual.includes('fill');
      return [...withExtras(usual, extras), ...(isToFill ? (['fill'] as const) : [])];
    }
  }
}

/**
 * The step that is due at a place.
 *
 * @param task as it stands
 * @returns the first that is not done; `null`: all are
 * @example dueStep(begun(task)) // 'mark'
 */
export const dueStep = (task: StepState): StepId | null =>
  taskSteps(task).find((step) => !task.done.has(step)) ?? null;
