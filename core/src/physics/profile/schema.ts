import { z } from 'zod';
import { amps, name, seconds } from '../../facts/quantities/index.ts';
import { tripWindowInput } from '../trip/index.ts';

const cycleSeconds = seconds.min(1, 'A part of a cycle lasts 1 s at least.').nullable().default(null);

/** How a load runs: on and off in turns, with a surge each time it starts. */
export const running = {
  onSeconds: cycleSeconds.describe('on for so long; null: it stays on'),
  offSeconds: cycleSeconds.describe('then off for so long'),
  surgeTimes: z
    .number('Give the surge as a multiple of the running current.')
    .min(1, 'A surge is 1 to 15 times the running current.')
    .max(15, 'A surge is 1 to 15 times the running current.')
    .nullable()
    .default(null)
    .describe('current at the start, in running currents'),
  surgeSeconds: seconds
    .min(0.01, 'A surge lasts 0.01 s at least.')
    .max(60, 'A surge lasts a minute at most.')
    .nullable()
    .default(null)
    .describe('how long the start takes'),
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
    no(load.onSeconds === null ? 'onSeconds' : 'offSeconds', 'A cycle has a time on and a time off.');
  if ((load.surgeTimes === null) !== (load.surgeSeconds === null))
    no(load.surgeTimes === null ? 'surgeTimes' : 'surgeSeconds', 'A surge has a height and a time.');
  if (load.onSeconds !== null && (load.surgeSeconds ?? 0) > load.onSeconds)
    no('surgeSeconds', 'The surge is longer than the load is on.');
}

export const runningLoad = z
  .object({
    id: z.string().min(1, 'The id must not be empty.'),
    name: name('The load’s name').optional(),
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
    hours: z.number().min(0.1, 'At least 0.1 hours.').max(168, 'A week at most: 168 hours.').default(24),
    loads: z.array(runningLoad).max(60, 'A circuit may have 60 loads at most.').default([]),
    logged: z.array(loggedStretch).max(200_000, 'At most 200 000 stretches at a time.').default([]),
  })
  .refine((q) => q.loads.length > 0 || q.logged.length > 0, {
    path: ['loads'],
    message: 'Give the loads that run, or a logged current.',
  });
export type ProfileQuestion = z.input<typeof profileQuestion>;
