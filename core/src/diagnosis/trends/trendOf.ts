import { TIME_LIMITS } from '../../facts/limits/index.ts';
import { sayConfidence } from '../decision/index.ts';
import {
  growthsOf,
  rateOf,
  yearsUntil,
  type Growth,
  type GrowthPrior,
  type Observed,
  type Rate,
} from './growth.ts';
import type { Trend } from './schema.ts';
import * as messages from './messages.ts';

/** A figure with its time. */
export interface Dated {
  at: string;
  value: number;
  /** Standard deviation, in the unit of the value. */
  sd: number;
}

const MS_A_YEAR = 365.25 * 86_400_000;
/**
 * Told from these odds on, that it grows to that it does not. Many figures are many chances to be taken in by a steady one,
 * so the odds asked for rise with them: of steady joints read to ± 3 °C fewer than five in a hundred are told.
 */
const toldFrom = (figures: number): number => Math.max(1.3, figures / 5);
/** Below this chance another figure is asked for. */
const SURE_FROM = 0.75;
/** Further than this nobody plans. */
const FARTHEST_YEARS = 50;
/** What reaches its limit later than this is not told: the part is old by then. */
const MATTERS_WITHIN_YEARS = TIME_LIMITS.trendYears;

const years = ({ at, value, sd }: Dated): Observed => ({ years: Date.parse(at) / MS_A_YEAR, value, sd });

/** What is measured in one place over the years, and what a trend of it says for itself. */
interface Measured extends Pick<Trend, 'kind' | 'breakerId' | 'leg' | 'unit' | 'source'> {
  dated: readonly Dated[];
  /** A rate and a level as they are told; left out: as they are. */
  rateTold?: (rate: number) => number;
  levelTold?: (level: number) => number;
  limitOf: (rate: Rate) => number;
  /** Up to the sentence that says when. */
  words: (rate: Rate, limit: number) => string;
}

const asIs = (value: number) => value;

/**
 * The trend of one thing, where the figures tell of one that matters: measured in one place or in several, it is told of the
 * place that reaches its limit first.
 */
export function trendOf(places: readonly Measured[], prior: GrowthPrior): Trend | null {
  const growths = growthsOf(
    places.map(({ dated }) => dated.map(years)),
    prior,
  );
  const figures = places.flatMap(({ dated }, i) => (growths[i] ? dated : []));
  const told = places.flatMap((place, i) => tell(place, growths[i]!, figures) ?? []);
  return told.sort((a, b) => a.reached.likeliest.localeCompare(b.reached.likeliest))[0] ?? null;
}

function tell(kind: Measured, growth: Growth | null, figures: readonly Dated[]): Trend | null {
  if (growth === null || growth.odds < toldFrom(figures.length)) return null;
  const sorted = figures.map(({ at }) => at).sort();
  const [from, to] = [
    sorted[0]!,
    kind.dated
      .map(({ at }) => at)
      .sort()
      .at(-1)!,
  ];
  const rate = rateOf(growth);
  const limit = kind.limitOf(rate);
  const until = yearsUntil(growth, limit);
  if (until.p50 > MATTERS_WITHIN_YEARS) return null;
  const on = (count: number) =>
    new Date(Date.parse(to) + Math.min(count, FARTHEST_YEARS) * MS_A_YEAR).toISOString();
  const reached = { earliest: on(until.p10), likeliest: on(until.p50), latest: on(until.p90) };
  const { breakerId, leg, unit, source, rateTold = asIs, levelTold = asIs } = kind;
  const { p10, p50, p90 } = rate.perYear;
  return {
    ...{ kind: kind.kind, breakerId, leg, unit, source },
    figures: sorted.length,
    from,
    to,
    probability: growth.probability,
    perYear: { p10: rateTold(p10), p50: rateTold(p50), p90: rateTold(p90) },
    now: levelTold(rate.now),
    limit: levelTold(limit),
    reached,
    text: messages.basedOnReadingsSince(
      kind.words(rate, limit),
      sayReached(reached, until.p50),
      sorted.length,
      from.slice(0, 4),
      sayConfidence(growth.probability),
      growth.probability < SURE_FROM ? messages.measureAgainWithinSixMonthsTo : '',
    ),
  };
}

function sayReached({ earliest, likeliest, latest }: Trend['reached'], left: number): string {
  if (left === 0) return messages.itIsAtItsLimit;
  const [a, b, c] = [earliest, likeliest, latest].map((at) => at.slice(0, 4));
  return a === c ? messages.itReachesTheLimitIn(b) : messages.itReachesTheLimitInAbout(b, a, c);
}
