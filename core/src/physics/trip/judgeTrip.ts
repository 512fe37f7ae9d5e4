import { exceeds } from '../../facts/quantities/index.ts';
import { tripWindow } from './tripWindow.ts';
import type { TripWindowInput } from './schema.ts';
import type { Band } from './edges.ts';

/** How a trip on record stands to the window of a sound breaker. */
export type TripVerdict = 'too-early' | 'within-band' | 'too-late';

/** People note times and currents roughly: a trip or a hold counts against a unit only beyond these. */
const TIME_DOUBT = 1.25;
const CURRENT_DOUBT = 1.05;

/**
 * Hold a recorded trip against the window of a sound breaker, in doubt for the unit: the current is
 * taken 5% and the time 25% in its favour.
 *
 * @param input what `tripWindow` takes
 * @param seconds how soon it opened, in s
 * @param band the edges of a sound breaker; those of the standard if left out
 * @returns too early, within the band, or too late
 * @throws ZodError as `tripWindow` does
 * @example judgeTrip({ ratingAmps: 20, amps: 16 }, 480) // 'too-early': a sound breaker never opens at 16 A
 */
export function judgeTrip(input: TripWindowInput, seconds: number, band?: Band): TripVerdict {
  const earliest = tripWindow({ ...input, amps: input.amps * CURRENT_DOUBT }, band).fastestSeconds;
  if (earliest === null || exceeds(earliest, seconds * TIME_DOUBT)) return 'too-early';
  return judgeHold(input, seconds, band);
}

/**
 * Hold a time that a unit carried a current against the latest a sound one opens, in doubt for the unit as
 * `judgeTrip` is.
 *
 * @param input what `tripWindow` takes
 * @param seconds how long it held, in s
 * @param band the edges of a sound breaker; those of the standard if left out
 * @returns within the band, or too late
 * @throws ZodError as `tripWindow` does
 * @example judgeHold({ ratingAmps: 20, amps: 60 }, 600) // 'too-late': it should have opened long before
 */
export function judgeHold(
  input: TripWindowInput,
  seconds: number,
  band?: Band,
): Exclude<TripVerdict, 'too-early'> {
  const latest = tripWindow({ ...input, amps: input.amps / CURRENT_DOUBT }, band).slowestSeconds;
  return latest !== null && exceeds(seconds, latest * TIME_DOUBT) ? 'too-late' : 'within-band';
}
