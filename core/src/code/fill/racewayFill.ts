import { z } from 'zod';
import { atLeast } from '../../facts/quantities/index.ts';
import {
  GAUGES,
  RACEWAY_AREAS_IN2,
  RACEWAY_FILL_PERCENT,
  THHN_AREAS_IN2,
  TRADE_SIZES,
  type TradeSize,
} from '../../facts/standards/index.ts';
import { conductorCount } from './conductorCount.ts';

export const RACEWAYS = ['emt', 'pvc-40'] as const satisfies readonly (keyof typeof RACEWAY_AREAS_IN2)[];

export const racewayFillInput = z.object({
  raceway: z.enum(RACEWAYS),
  gauge: z.enum(GAUGES),
  conductors: conductorCount.describe('all of one gauge, grounds included'),
});
export type RacewayFillInput = z.input<typeof racewayFillInput>;

/** The raceway that conductors need. */
export interface RacewayFill {
  areaIn2: number;
  /** Share of the raceway that they may fill, percent. */
  mostPercent: number;
  /** The smallest that holds them; `null`: none of up to 2 inches. */
  size: TradeSize | null;
  /** What they fill of it, percent; `null` without one. */
  filledPercent: number | null;
}

const mostPercentOf = (conductors: number): number => {
  if (conductors === 1) return RACEWAY_FILL_PERCENT.one;
  return conductors === 2 ? RACEWAY_FILL_PERCENT.two : RACEWAY_FILL_PERCENT.more;
};

/**
 * The smallest raceway for conductors of one gauge with THHN or THWN-2 insulation.
 *
 * Source: NEC 2023, Chapter 9, Tables 1, 4 and 5.
 *
 * @param input kind of raceway, gauge and count of the conductors
 * @returns their area (in²), the share they may fill (%), the trade size and what they fill of it (%)
 * @throws ZodError where the count is impossible
 * @example racewayFill({ raceway: 'emt', gauge: '12', conductors: 9 }).size // '1/2'
 */
export function racewayFill(input: RacewayFillInput): RacewayFill {
  const { raceway, gauge, conductors } = racewayFillInput.parse(input);
  const areaIn2 = conductors * THHN_AREAS_IN2[gauge];
  const mostPercent = mostPercentOf(conductors);
  const areas = RACEWAY_AREAS_IN2[raceway];
  const size = TRADE_SIZES.find((one) => atLeast((mostPercent / 100) * areas[one], areaIn2)) ?? null;
  return {
    ...{ areaIn2, mostPercent, size },
    filledPercent: size === null ? null : (100 * areaIn2) / areas[size],
  };
}
