import { HEAT_LIMITS } from '../../facts/limits/index.ts';
import { median, sayRise } from '../../facts/quantities/index.ts';
import { CITATIONS } from '../../facts/standards/index.ts';
import type { Breaker } from '../../record/entities/index.ts';
import type { Trend } from './schema.ts';
import type { Rate } from './growth.ts';
import { trendOf, type Dated } from './trendOf.ts';
import * as messages from './messages.ts';

/** A temperature of a joint with the current that flowed. */
export interface JointReading {
  point: 'face' | 'terminal';
  at: string;
  surfaceC: number;
  ambientC: number;
  amps: number;
  /** How far off the instrument may be, °C; null: not known. */
  errorC: number | null;
}

/** A thermometer held against a joint by hand comes this near, °C; anywhere within it is as likely. */
const BY_HAND_C = 3;
/** Figures that may be anywhere within ± 1 spread so much. */
const EVENLY = 1 / Math.sqrt(3);
/** Of joints that are measured again and again, one in five gets worse, by some two degrees a year. */
const PRIOR = { usualPerYear: 2, share: 0.2 };

const NAMES = { face: messages.breakerFace, terminal: messages.terminal } as const;

/** Taken to one load: heat in a joint grows with a power of the current. */
const toLoad = (amps: number, at: number) => (at / amps) ** HEAT_LIMITS.currentExponent;

/**
 * Whether a joint warms from year to year at the same load. What is read at its terminal and at its face is one joint: it
 * warms at both or at neither.
 *
 * @param breaker whose joint it is; rating in A
 * @param readings its temperatures in °C, each with the current in A, in any order
 * @returns the trend, of the point that is at its limit first; `null`: none, or too few readings under load
 * @example warmingTrend(breaker, []) // null
 */
export function warmingTrend(
  { id, ratingAmps }: Pick<Breaker, 'id' | 'ratingAmps'>,
  readings: readonly JointReading[],
): Trend | null {
  const places = (['terminal', 'face'] as const).flatMap((point) => {
    const own = readings.filter(
      (one) => one.point === point && one.amps >= HEAT_LIMITS.leastShareToScalePeer * ratingAmps,
    );
    const load = median(own.map(({ amps }) => amps));
    if (load === null) return [];
    const dated = own.map(({ at, surfaceC, ambientC, amps, errorC }): Dated => {
      const scale = toLoad(amps, load);
      return {
        at,
        value: (surfaceC - ambientC) * scale,
        sd: Math.max(errorC ?? 0, BY_HAND_C) * EVENLY * scale,
      };
    });
    const atRating = HEAT_LIMITS.riseAtRatingUrgentC * toLoad(ratingAmps, load);
    return [
      {
        kind: 'joint-warms' as const,
        dated,
        breakerId: id,
        leg: null,
        unit: 'Δ°C' as const,
        source: `${CITATIONS.terminalRise}; ${CITATIONS.heatOverPeers}`,
        // A joint began like its peers; or it is too hot whatever they are.
        limitOf: ({ began }: Rate) => Math.min(atRating, began + HEAT_LIMITS.overPeersUrgentC),
        words: ({ perYear, began, now }: Rate, limit: number) =>
          messages.getsWarmerByAboutAYear(
            NAMES[point],
            sayRise(perYear.p50),
            sayRise(began),
            sayRise(now),
            sayRise(limit),
          ),
      },
    ];
  });
  return trendOf(places, PRIOR);
}
