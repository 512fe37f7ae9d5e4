import { sayConfidence } from '../decision/index.ts';
import { growthOf, yearsUntil, type Growth, type GrowthPrior, type Observed } from './growth.ts';
import type { Trend } from './schema.ts';

/** A figure with its time. */
export interface Dated {
  at: string;
  value: number;
  /** Standard deviation, in the unit of the value. */
  sd: number;
}

const MS_A_YEAR = 365.25 * 86_400_000;
/** Told from this chance on; a steady figure is hardly ever taken for one that grows. */
const TOLD_FROM = 0.6;
/** Further than this nobody plans. */
const FARTHEST_YEARS = 50;
/** What reaches its limit later than this is not told: the part is old by then. */
const MATTERS_WITHIN_YEARS = 15;

const years = ({ at, value, sd }: Dated): Observed => ({ years: Date.parse(at) / MS_A_YEAR, value, sd });

/** What a kind of trend says for itself. */
interface Kind extends Pick<Trend, 'kind' | 'breakerId' | 'leg' | 'unit' | 'source'> {
  prior: GrowthPrior;
  /** A rate and a level as they are told; left out: as they are. */
  rateTold?: (rate: number) => number;
  levelTold?: (level: number) => number;
  limitOf: (growth: Growth) => number;
  /** Up to the sentence that says when. */
  words: (growth: Growth, limit: number) => string;
}

const asIs = (value: number) => value;

/** A trend, where the figures tell of one that matters. */
export function trendOf(dated: readonly Dated[], kind: Kind): Trend | null {
  const sorted = [...dated].sort((a, b) => a.at.localeCompare(b.at));
  const growth = growthOf(sorted.map(years), kind.prior);
  if (growth === null || growth.probability < TOLD_FROM) return null;
  const limit = kind.limitOf(growth);
  const until = yearsUntil(growth, limit);
  if (until.p50 > MATTERS_WITHIN_YEARS) return null;
  const to = sorted.at(-1)!.at;
  const on = (count: number) =>
    new Date(Date.parse(to) + Math.min(count, FARTHEST_YEARS) * MS_A_YEAR).toISOString();
  const reached = { earliest: on(until.p10), likeliest: on(until.p50), latest: on(until.p90) };
  const { breakerId, leg, unit, source, rateTold = asIs, levelTold = asIs } = kind;
  const { p10, p50, p90 } = growth.perYear;
  return {
    ...{ kind: kind.kind, breakerId, leg, unit, source },
    figures: sorted.length,
    from: sorted[0]!.at,
    to,
    probability: growth.probability,
    perYear: { p10: rateTold(p10), p50: rateTold(p50), p90: rateTold(p90) },
    now: levelTold(growth.now),
    limit: levelTold(limit),
    reached,
    text: `${kind.words(growth, limit)} ${sayReached(reached, until.p50)} By ${sorted.length} figures since ${sorted[0]!.at.slice(0, 4)}: ${sayConfidence(growth.probability)}.`,
  };
}

function sayReached({ earliest, likeliest, latest }: Trend['reached'], left: number): string {
  if (left === 0) return 'It is at its limit.';
  const [a, b, c] = [earliest, likeliest, latest].map((at) => at.slice(0, 4));
  return a === c ? `It reaches it in ${b}.` : `It reaches it about ${b} (${a} to ${c}).`;
}
