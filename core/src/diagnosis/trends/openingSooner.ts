import { sayPercent } from '../../facts/quantities/index.ts';
import { CITATIONS } from '../../facts/standards/index.ts';
import type { Breaker } from '../../record/entities/index.ts';
import type { TripFact } from '../evidence/index.ts';
import type { Trend } from './schema.ts';
import { trendOf } from './trendOf.ts';
import * as messages from './messages.ts';

/** What somebody timed, at a current somebody read, comes this near: e-folds of time. */
const TIMED_SD = 0.3;
/** Of breakers that trip again and again, one in five opens sooner, by some fifteen in a hundred a year. */
const PRIOR = { usualPerYear: 0.15, share: 0.2 };

/** So much sooner a year, and so much after the earliest it may: shares, from e-folds. */
const sooner = (folds: number): number => 1 - Math.exp(-folds);
const after = (folds: number): number => Math.max(0, Math.exp(-folds) - 1);

/**
 * Whether a breaker opens sooner from year to year, each trip held against the least that a sound one takes at its current.
 *
 * @param breaker whose trips they are
 * @param trips with their windows, in any order
 * @returns the trend; `null`: none, or too few timed trips
 * @example openingSooner(breaker, []) // null
 */
export function openingSooner({ id }: Pick<Breaker, 'id'>, trips: readonly TripFact[]): Trend | null {
  const dated = trips.flatMap(({ event: { at, afterSeconds }, window, verdict }) =>
    verdict === null || afterSeconds === null || afterSeconds <= 0 || !window?.fastestSeconds
      ? []
      : [{ at, value: -Math.log(afterSeconds / window.fastestSeconds), sd: TIMED_SD }],
  );
  return trendOf(
    [
      {
        kind: 'opens-sooner',
        dated,
        breakerId: id,
        leg: null,
        unit: '%',
        source: CITATIONS.thermalTrip,
        rateTold: (folds) => sooner(folds) * 100,
        levelTold: (folds) => after(folds) * 100,
        limitOf: () => 0,
        words: ({ perYear, began, now }) =>
          messages.theBreakerTripsSoonerEachYear(
            sayPercent(sooner(perYear.p50)),
            sayPercent(after(began)),
            sayPercent(after(now)),
          ),
      },
    ],
    PRIOR,
  );
}
