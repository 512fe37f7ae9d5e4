import { TIME_LIMITS } from '../../facts/limits/index.ts';
import { z } from 'zod';
import * as messages from './messages.ts';

/** Faster than this it is the magnet, not the bimetal. */
const MAGNETIC_BELOW_SECONDS = TIME_LIMITS.magneticSeconds;

const multiple = z
  .number(messages.enterTheMultipleOfTheRating)
  .gt(1, messages.theMultipleMustBeAbove1)
  .max(50, messages.theMultipleCanBeAtMost);

const time = z
  .number(messages.enterATimeInSecondsOr)
  .positive(messages.theTimeMustBeMoreThan)
  .max(100_000, messages.theTimeCanBeAtMost)
  .nullable()
  .default(null);

/** One point of a printed trip curve: at a multiple of the rating, the soonest and the latest (s; null: never). */
export const curvePoint = z
  .object({ multiple, fastestSeconds: time, slowestSeconds: time })
  .refine(
    ({ fastestSeconds: fast, slowestSeconds: slow }) => slow === null || (fast !== null && fast <= slow),
    { path: ['slowestSeconds'], message: messages.theLatestTimeCannotBeBefore },
  );

export type CurvePoint = z.output<typeof curvePoint>;

export const curvePoints = z
  .array(curvePoint)
  .max(200, messages.aCurveCanHaveAtMost)
  .superRefine((points, context) => {
    const sorted = points.map((p, i) => ({ ...p, i })).sort((a, b) => a.multiple - b.multiple);
    sorted.slice(1).forEach((point, n) => {
      const before = sorted[n]!;
      const no = (field: string, message: string) =>
        context.addIssue({ code: 'custom', path: [point.i, field], message });
      if (point.multiple === before.multiple) no('multiple', messages.thisMultipleIsListedTwice);
      for (const field of ['fastestSeconds', 'slowestSeconds'] as const) {
        const [now, then] = [point[field], before[field]];
        if (then !== null && (now === null || now > then)) no(field, messages.aHigherCurrentCannotTakeLonger);
      }
    });
    for (const edge of ['fastestSeconds', 'slowestSeconds'] as const) {
      if (points.filter((p) => isThermal(p[edge])).length < 2)
        context.addIssue({
          code: 'custom',
          path: [],
          message: messages.enterAtLeastTwoPointsWhose(edge === 'fastestSeconds' ? 'soonest' : 'latest'),
        });
    }
  });

/**
 * Whether a time of a printed curve is the bimetal’s: long enough not to be the magnet’s.
 *
 * @param seconds s; `null`: never
 * @returns whether it is
 * @example isThermal(0.05) // false
 */
export const isThermal = (seconds: number | null): seconds is number =>
  seconds !== null && seconds > MAGNETIC_BELOW_SECONDS;
