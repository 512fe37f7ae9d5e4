import { sayNumber } from '../../facts/quantities/index.ts';
import type { WeighedReason } from './decision.ts';
import { makeReason } from './parts.ts';
import type { Assessment } from '../engine/index.ts';
import * as messages from './messages.ts';

/** Less than so many times as likely as by the table, or as unlikely, is not worth a line. */
const TELLS = 1.25;
/** Of fewer cases than this nothing is said: they are a beginning. */
const LEAST_CASES = 5;

/**
 * What confirmed earlier cases do to the leading cause, as a reason; `null` where that is next to nothing.
 *
 * @param assessed what the engine makes of it, with what earlier cases teach
 * @returns a reason; `null`: nothing worth telling
 * @example earlierCasesReason(assess([])) // null
 */
export function earlierCasesReason({ learned, probabilities }: Assessment): WeighedReason | null {
  const times = learned?.times[probabilities.indexOf(Math.max(...probabilities))] ?? 1;
  if (learned === null || (times < TELLS && times > 1 / TELLS)) return null;
  const cases = learned.groups.reduce((sum, group) => sum + group.cases, 0);
  if (cases < LEAST_CASES) return null;
  const often = times > 1 ? messages.moreOften : messages.lessOften;
  return makeReason(
    'earlier-cases',
    1,
    messages.inEarlierConfirmedCasesThisWas(cases, often, sayNumber(times)),
  );
}
