import type { BreakerKind } from '../../panel/layout/index.ts';

/** From where to where the price of a part goes, in whatever the currency is. */
export interface PriceBand {
  from: number;
  to: number;
}

/**
 * What breakers cost as a rule, one-pole and two-pole: bands of our own, in dollars. They only tell a plain breaker from one that
 * costs several times as much; people set their own prices.
 */
export const BREAKER_BANDS: Record<BreakerKind, Record<1 | 2, PriceBand>> = {
  standard: { 1: { from: 6, to: 15 }, 2: { from: 12, to: 35 } },
  gfci: { 1: { from: 45, to: 80 }, 2: { from: 90, to: 160 } },
  afci: { 1: { from: 40, to: 75 }, 2: { from: 90, to: 150 } },
  dual: { 1: { from: 55, to: 95 }, 2: { from: 110, to: 180 } },
  surge: { 1: { from: 60, to: 160 }, 2: { from: 60, to: 160 } },
};
/** Two small units where one was. */
export const NARROW_BAND: PriceBand = { from: 12, to: 30 };
export const FILLER_BAND: PriceBand = { from: 2, to: 6 };

/**
 * What a list comes to: own prices where there are any, bands for the rest.
 *
 * @param lines how many of each, with its band; `null`: nobody can say
 * @param own prices of one’s own, by the line’s key
 * @returns from, to, and how many lines have no price at all
 * @example sumOf([{ key: 'a', count: 2, band: { from: 6, to: 15 } }], {}) // { from: 12, to: 30, unpriced: 0 }
 */
export function sumOf(
  lines: readonly { key: string; count: number; band: PriceBand | null }[],
  own: Readonly<Record<string, number>>,
): PriceBand & { unpriced: number } {
  const sum = { from: 0, to: 0, unpriced: 0 };
  for (const { key, count, band } of lines) {
    const price = own[key];
    const each = price === undefined ? band : { from: price, to: price };
    if (each === null) sum.unpriced++;
    else {
      sum.from += count * each.from;
      sum.to += count * each.to;
    }
  }
  return sum;
}
