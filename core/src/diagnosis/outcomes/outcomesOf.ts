import {
  CAUSE_IDS,
  learn,
  OWN_FROM,
  prior,
  TABLE_CASES,
  taught,
  type ConfirmedEnd,
} from '../causes/index.ts';
import { DECISION_FAMILIES } from '../decision/index.ts';
import type { CauseId } from '../../facts/vocabulary/index.ts';
import { judge } from './judge.ts';
import type { ClosedCase, Outcomes } from './schema.ts';
import { sureRange } from './sureRange.ts';

const shareOf = (right: number, of: number) => ({ right, of, ...sureRange(right, of) });

/**
 * How often the decisions of closed cases were right, and what their ends teach.
 *
 * @param closed closed cases, in the order in which they are to be listed
 * @param ends what teaches: all confirmed ends, of any site
 * @returns counts, shares with the range in which the true one lies 19 times in 20, the causes that were confirmed (commonest
 *   first) and every case with its judgement; cases worked with the simulated stand-in are counted and left out
 * @throws never
 * @example outcomesOf([], []).decided // null
 */
export function outcomesOf(closed: readonly ClosedCase[], ends: readonly ConfirmedEnd[]): Outcomes {
  const real = closed.filter(({ simulated }) => !simulated);
  const judged = real.map((one) => ({ ...one, judgement: judge(one) }));
  const decided = judged.filter(({ judgement }) => judgement === 'right' || judgement === 'wrong');
  const isRight = (one: (typeof judged)[number]) => one.judgement === 'right';
  const mean = (of: readonly number[]) => of.reduce((a, b) => a + b, 0) / of.length;
  return {
    closed: real.length,
    confirmed: real.filter(({ confirmed }) => confirmed !== null).length,
    simulated: closed.length - real.length,
    leftOpen: judged.filter(({ judgement }) => judgement === 'left-open').length,
    decided: decided.length === 0 ? null : shareOf(decided.filter(isRight).length, decided.length),
    saidSure: decided.length === 0 ? null : mean(decided.map(({ decision }) => decision!.confidence)),
    byFamily: DECISION_FAMILIES.flatMap((family) => {
      const of = decided.filter(({ decision }) => decision!.family === family);
      return of.length === 0 ? [] : [{ family, ...shareOf(of.filter(isRight).length, of.length) }];
    }),
    byCause: CAUSE_IDS.map((cause) => {
      const of = real.filter(({ confirmed }) => confirmed?.cause === cause);
      return {
        cause,
        confirmed: of.length,
        named: of.filter(({ decision }) => decision?.causes[0]?.id === cause).length,
      };
    })
      .filter(({ confirmed }) => confirmed > 0)
      .sort((a, b) => b.confirmed - a.confirmed),
    teaching: teachingOf(ends),
    cases: judged.map(
      ({ id, siteId, site, where, complaint, closedAt, outcome, decision, confirmed, judgement }) => ({
        id,
        siteId,
        site,
        where,
        complaint,
        closedAt: closedAt!,
        outcome,
        action: decision?.action ?? null,
        headline: decision?.headline ?? '',
        confirmed,
        judgement,
      }),
    ),
  };
}

/** How all confirmed ends move the chances of any breaker, the causes that were confirmed most often first. */
function teachingOf(ends: readonly ConfirmedEnd[]): Outcomes['teaching'] {
  const before = prior();
  const times = learn(ends, {})?.times;
  const now = times ? taught(before, times) : before;
  const confirmed = (cause: CauseId) => ends.filter((end) => end.cause === cause).length;
  return {
    cases: ends.length,
    tableCases: TABLE_CASES,
    ownFrom: OWN_FROM,
    moved: CAUSE_IDS.map((cause, i) => ({ cause, tablePercent: 100 * before[i]!, nowPercent: 100 * now[i]! }))
      .filter(({ cause }) => confirmed(cause) > 0)
      .sort((a, b) => confirmed(b.cause) - confirmed(a.cause)),
  };
}
