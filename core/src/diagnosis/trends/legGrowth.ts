import { LOAD_LIMITS } from '../../facts/limits/index.ts';
import { sayQuantity } from '../../facts/quantities/index.ts';
import { CITATIONS } from '../../facts/standards/index.ts';
import type { Leg } from '../../panel/layout/index.ts';
import type { Trend } from './schema.ts';
import { trendOf } from './trendOf.ts';
import * as messages from './messages.ts';

/** What a leg carried at its most. */
export interface LegPeak {
  leg: Leg;
  at: string;
  amps: number;
}

/** From one season to the next the highest demand differs by so much, as a share. */
const SEASONS = 0.1;
/** Of panels that are measured again and again the demand of one in three grows, by some five in a hundred a year. */
const PRIOR = { usual: 0.05, share: 0.3 };
/** The highest demand, and a quarter on top, must fit the service. */
const OF_THE_MAIN = LOAD_LIMITS.continuousShare;

/**
 * Whether what a leg carries at its most grows from year to year.
 *
 * @param mainAmps rating of what feeds the panel, A
 * @param peaks the highest demand of each leg in A, in any order
 * @returns the trend of each leg that has one
 * @example legGrowth(100, []) // []
 */
export function legGrowth(mainAmps: number, peaks: readonly LegPeak[]): Trend[] {
  return (['A', 'B'] as const).flatMap((leg) => {
    const own = peaks.filter((one) => one.leg === leg);
    const mean = own.reduce((sum, { amps }) => sum + amps, 0) / own.length;
    const trend = trendOf(
      [
        {
          kind: 'leg-grows',
          dated: own.map(({ at, amps }) => ({ at, value: amps, sd: Math.max(1, SEASONS * mean) })),
          breakerId: null,
          leg,
          unit: 'A',
          source: CITATIONS.maximumDemand,
          limitOf: () => mainAmps * OF_THE_MAIN,
          words: ({ perYear, began, now }, limit) =>
            messages.thePeakCurrentOnLegRises(
              leg,
              sayQuantity(perYear.p50, 'A'),
              sayQuantity(began, 'A'),
              sayQuantity(now, 'A'),
              sayQuantity(limit, 'A'),
              sayQuantity(mainAmps, 'A'),
            ),
        },
      ],
      { usualPerYear: PRIOR.usual * mean, share: PRIOR.share },
    );
    return trend ? [trend] : [];
  });
}
