import { z } from 'zod';
import { amps, name, seconds } from '../../facts/quantities/index.ts';
import { tripWindowInput } from '../trip/index.ts';
import * as messages from './messages.ts';

const cycleSeconds = seconds.min(1, messages.eachPartOfACycleMust).nullable().default(null);

/** How a load runs: on and off in turns, with a surge each time it starts. */
export const running = {
  onSeconds: cycleSeconds.describe('time on; null if it stays on'),
  offSeconds: cycleSeconds.describe('time off'),
  surgeTimes: z
    .number(messages.enterTheStartingCurrentAsA)
    .min(1, messages.theStartingCurrentMustBe1)
    .max(15, messages.theStartingCurrentMustBe1)
    .nullable()
    .default(null)
    .describe('starting current, as a multiple of the running current'),
  surgeSeconds: seconds
    .min(0.01, messages.theStartingTimeMustBeAt)
    .max(60, messages.theStartingTimeCanBeAt)
    .nullable()
    .default(null)
    .describe('starting time'),
};

type Running = { onSeconds: number | null; offSeconds: number | null } & {
  surgeTimes: number | null;
  surgeSeconds: number | null;
};

/**
 * Both or neither of what goes together; a surge within the time it is on.
 *
 * @param load when it runs, and how it starts
 * @param context where problems are told
 * @example checkRunning({ onSeconds: 60, offSeconds: null, … }, context) // an issue at offSeconds
 */
export function checkRunning(load: Running, context: z.RefinementCtx) {
  const no = (path: string, message: string) => context.addIssue({ code: 'custom', path: [path], message });
  if ((load.onSeconds === null) !== (load.offSeconds === null))
    no(load.onSeconds === null ? 'onSeconds' : 'offSeconds', messages.aDutyCycleNeedsATime);
  if ((load.surgeTimes === null) !== (load.surgeSeconds === null))
    no(load.surgeTimes === null ? 'surgeTimes' : 'surgeSeconds', messages.aStartingCurrentNeedsAMultiple);
  if (load.onSeconds !== null && (load.surgeSeconds ?? 0) > load.onSeconds)
    no('surgeSeconds', messages.theStartingTimeIsLongerThan);
}

export const runningLoad = z
  .object({
    id: z.string().min(1, messages.theIdMustNotBeEmpty),
    name: name(messages.theLoadName).optional(),
    amps,
    ...running,
  })
  .superRefine(checkRunning);
export type RunningLoad = z.output<typeof runningLoad>;

const { ratingAmps, ambientC } = tripWindowInput.shape;

/** A stretch of steady current out of a logged file. */
export const loggedStretch = z.object({ amps, seconds });
export type LoggedStretch = z.infer<typeof loggedStretch>;

/** What runs: loads with their cycles, or a current as it was logged. */
export const profileQuestion = z
  .object({
    ratingAmps,
    ambientC,
    hours: z
      .number()
      .min(0.1, messages.enterAtLeast01Hours)
      .max(168, messages.enterAtMostOneWeek168)
      .default(24),
    loads: z.array(runningLoad).max(60, messages.aCircuitCanHaveAtMost).default([]),
    logged: z.array(loggedStretch).max(200_000, messages.enterAtMost200000Intervals).default([]),
  })
  .refine((q) => q.loads.length > 0 || q.logged.length > 0, {
    path: ['loads'],
    message: messages.enterTheLoadsThatRunOr,
  });
export type ProfileQuestion = z.input<typeof profileQuestion>;
