import { TIME_LIMITS } from '../../facts/limits/index.ts';
import { z } from 'zod';

/** Faster than this it is the magnet, not the bimetal. */
const MAGNETIC_BELOW_SECONDS = TIME_LIMITS.magneticSeconds;

const multiple = z
  .number('Give the multiple of the rating as a number.')
  .gt(1, 'A multiple lies above 1: at the rating itself a sound breaker holds.')
  .max(50, 'A multiple may be 50 at most.');

const time = z
  .number('Give a time in seconds, or leave it empty for never.')
  .positive('A time is more than 0 s.')
  .max(100_000, 'A time may be 100 000 s at most.')
  .nullable()
  .default(null);

/** One point of a printed trip curve: at a multiple of the rating, the soonest and the latest (s; null: never). */
export const curvePoint = z
  .object({ multiple, fastestSeconds: time, slowestSeconds: time })
  .refine(
    ({ fastestSeconds: fast, slowestSeconds: slow }) => slow === null || (fast !== null && fast <= slow),
    { path: ['slowestSeconds'], message: 'The latest cannot come before the soonest.' },
  );

export type CurvePoint = z.output<typeof curvePoint>;

export const curvePoints = z
  .array(curvePoint)
  .max(200, 'A curve may have 200 points at most.')
  .superRefine((points, context) => {
    const sorted = points.map((p, i) => ({ ...p, i })).sort((a, b) => a.multiple - b.multiple);
    sorted.slice(1).forEach((point, n) => {
      const before = sorted[n]!;
      const no = (field: string, message: string) =>
        context.addIssue({ code: 'custom', path: [point.i, field], message });
      if (point.multiple === before.multiple) no('multiple', 'This multiple is given twice.');
      for (const field of ['fastestSeconds', 'slowestSeconds'] as const) {
        const [now, then] = [point[field], before[field]];
        if (then !== null && (now === null || now > then))
          no(field, 'More current cannot take longer than less.');
      }
    });
    for (const edge of ['fastestSeconds', 'slowestSeconds'] as const) {
      if (points.filter((p) => isThermal(p[edge])).length < 2)
        context.addIssue({
          code: 'custom',
          path: [],
          message: `Give at least two points whose ${edge === 'fastestSeconds' ? 'soonest' : 'latest'} time is above 0.1 s: two figures are to be found from them.`,
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
