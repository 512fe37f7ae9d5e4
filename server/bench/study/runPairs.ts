import { dangersOf, isHazardous, type SimulatedCase } from '@phylaxon/core/simulate/person';
import { PAIRS, twoFaults, type Pair } from '@phylaxon/core/benchmarks';
import type { CauseId } from '@phylaxon/core/facts/vocabulary';
import { isRight, LEAVES_ON } from './rightFor.ts';
import { workCase, type Worked } from './workCase.ts';

/** How a case of two faults went, worked by an electrician. */
export interface PairWent {
  causes: Pair['causes'];
  /** What was put right first, and whether the other was found too: told beside it, or once the first was put right. */
  first: CauseId | null;
  both: boolean;
  /** It was said that one fault does not explain all of it. */
  saidSo: boolean;
  /** One of them is dangerous and the other is not. */
  oneIsDangerous: boolean;
  /** The dangerous one came first, or it was made safe. */
  dangerousFirst: boolean;
}

/** As if it had this cause, to ask what is right for it. */
const as = (of: SimulatedCase, cause: CauseId): SimulatedCase => ({ ...of, house: { ...of.house, cause } });

const seesTo = (of: SimulatedCase, cause: CauseId, { assessed, choice }: Worked): boolean =>
  isRight(as(of, cause), choice.action, 'electrician') ||
  assessed.also.some((one) => one.cause === cause || isRight(as(of, cause), one.action, 'electrician'));

function workPair(pair: Pair, seed: number): PairWent {
  const { causes } = pair;
  const of = twoFaults(pair, seed);
  const worked = workCase(of, 'electrician');
  const alone = causes.map((cause) => twoFaults(pair, seed, cause));
  const dangerous = causes.filter((_cause, i) => isHazardous(alone[i]!) || dangersOf(alone[i]!).length > 0);
  // Of two that the same action sees to, the dangerous one.
  const byAction = causes.filter((cause) => isRight(as(of, cause), worked.choice.action, 'electrician'));
  const first = byAction.find((cause) => dangerous.includes(cause)) ?? byAction[0] ?? null;
  const rest = causes.find((cause) => cause !== first)!;
  const then = first === null ? null : alone[causes.indexOf(rest)]!;
  const found =
    then !== null && (seesTo(of, rest, worked) || seesTo(then, rest, workCase(then, 'electrician')));
  const oneIsDangerous = dangerous.length === 1;
  return {
    causes,
    first,
    both: first !== null && found,
    saidSo: worked.assessed.also.length > 0,
    oneIsDangerous,
    dangerousFirst:
      !oneIsDangerous ||
      // A stop comes before anything else.
      worked.assessed.hazard.level === 'stop' ||
      first === dangerous[0] ||
      (!LEAVES_ON.has(worked.choice.action) && seesTo(of, dangerous[0]!, worked)),
  };
}

/** Every pair so many times. */
export const runPairs = ({ each, firstSeed }: { each: number; firstSeed: number }): PairWent[] =>
  PAIRS.flatMap((pair) => Array.from({ length: each }, (_, n) => workPair(pair, firstSeed + n)));
