import { z } from 'zod';
import type { CauseId } from '../../facts/vocabulary/index.ts';
import { CAUSE_IDS } from './hypotheses.ts';
import { prior, type PriorContext } from './prior.ts';

/** What a closed case was confirmed to have been, and what was known of its breaker before anything was looked at. */
export interface ConfirmedEnd {
  cause: CauseId;
  known: PriorContext;
  /** The breaker’s part family; null where it is not known. */
  family: string | null;
}

/** The table of commonness counts as so many confirmed cases: that slowly do confirmed ends move it. */
export const TABLE_CASES = 100;
/** From so many confirmed cases on a kind, or a family, of breaker is held apart from the rest. */
export const OWN_FROM = 20;

const group = z.object({
  what: z.enum(['all', 'kind', 'family']),
  name: z.string().describe('breaker type or family; empty for all'),
  cases: z.int(),
});

/** How confirmed ends move the chances that causes have beforehand. */
export const learned = z.object({
  groups: z.array(group).describe('confirmed cases it is based on, each counted once'),
  times: z
    .array(z.number())
    .length(CAUSE_IDS.length)
    .describe('likelihood factor of each cause, in the vocabulary’s order'),
});
export type Learned = z.infer<typeof learned>;

/**
 * A chance, multiplied and made to sum to 1 again.
 *
 * @param before chances, summing to 1
 * @param times by how much each is multiplied
 * @returns chances, summing to 1
 * @example taught(Float64Array.of(0.5, 0.5), [3, 1]) // 0.75, 0.25
 */
export function taught(before: Float64Array, times: readonly number[]): Float64Array {
  const weights = before.map((p, i) => p * times[i]!);
  const total = weights.reduce((a, b) => a + b, 0);
  return weights.map((weight) => weight / total);
}

/** One step: what was confirmed against what was to be expected, the expectation counting as `TABLE_CASES` cases. */
function moved(times: readonly number[], ends: readonly ConfirmedEnd[]): number[] {
  if (ends.length === 0) return [...times];
  const expected = new Float64Array(CAUSE_IDS.length);
  const confirmed = new Float64Array(CAUSE_IDS.length);
  const beforehand = new Map<string, Float64Array>();
  for (const { cause, known } of ends) {
    // Many ends, of few kinds of breaker and complaint.
    const key = JSON.stringify(known);
    const chances = beforehand.get(key) ?? taught(prior(known), times);
    beforehand.set(key, chances);
    chances.forEach((p, i) => (expected[i]! += p));
    confirmed[CAUSE_IDS.indexOf(cause)]! += 1;
  }
  const n = ends.length;
  return times.map((by, i) => {
    const share = expected[i]! / n;
    return (by * (TABLE_CASES * share + confirmed[i]!)) / ((TABLE_CASES + n) * share);
  });
}

/** Those that stand for themselves, where there are enough of them; and the rest. */
function apart(
  ends: readonly ConfirmedEnd[],
  is: (end: ConfirmedEnd) => boolean,
): [own: readonly ConfirmedEnd[], rest: readonly ConfirmedEnd[]] {
  const own = ends.filter(is);
  return own.length >= OWN_FROM ? [own, ends.filter((end) => !is(end))] : [[], ends];
}

/**
 * What confirmed ends teach about one breaker: a Dirichlet prior whose mean is the table and whose weight is
 * `TABLE_CASES` cases. Ends of the same kind of breaker, and of the same part family, are a step of their own where there
 * are `OWN_FROM` of them; every end counts in one step only. What is expected of an end goes by what was known of its own breaker,
 * so that a shop that sees many ground-fault units does not take leakage for commoner than it is.
 *
 * @param ends all confirmed ends, of any site
 * @param about the breaker’s kind and part family, as far as they are known
 * @returns by how much each cause is commoner or rarer than in the table; `null` without any confirmed end
 * @throws never
 * @example learn([{ cause: 'overload', known: {}, family: null }], {}).times // overload a little above 1, all others a little below
 */
export function learn(
  ends: readonly ConfirmedEnd[],
  { kind, family }: { kind?: PriorContext['breakerKind']; family?: string | null },
): Learned | null {
  if (ends.length === 0) return null;
  const isOfKind = ({ known }: ConfirmedEnd) => kind !== undefined && known.breakerKind === kind;
  const isOfFamily = (end: ConfirmedEnd) => Boolean(family) && end.family === family && isOfKind(end);
  const [ownFamily, others] = apart(ends, isOfFamily);
  const [ownKind, rest] = apart(others, isOfKind);
  const steps = [
    { what: 'all' as const, name: '', ends: rest },
    { what: 'kind' as const, name: kind ?? '', ends: ownKind },
    { what: 'family' as const, name: family ?? '', ends: ownFamily },
  ].filter((step) => step.ends.length > 0);
  return {
    groups: steps.map(({ what, name, ends: of }) => ({ what, name, cases: of.length })),
    times: steps.reduce(
      (times, step) => moved(times, step.ends),
      CAUSE_IDS.map(() => 1),
    ),
  };
}
