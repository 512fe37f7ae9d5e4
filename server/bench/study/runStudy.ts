import { SIMULATED_CAUSES } from '@phylaxon/core/simulate/house';
import { hazardOf } from '@phylaxon/core/facts/hazards';
import { dangersOf, isHazardous, simulatedCase } from '@phylaxon/core/simulate/person';
import type { ActionId, CauseId, Profile, TestId } from '@phylaxon/core/facts/vocabulary';
import {
  isRight,
  isRightlyHandedOver,
  isRightlyStopped,
  LEAVES_ON,
  RESETS_KEEPS_OR_ENLARGES,
} from './rightFor.ts';
import { allowed, ORDERS, outcomesOfCase, workCase, type Order, type Worked } from './workCase.ts';
import { rankedCauses } from '@phylaxon/core/diagnosis/engine';

/** How one case went. */
export interface Went {
  cause: CauseId;
  profile: Profile;
  order: Order;
  leading: CauseId;
  action: ActionId;
  right: boolean;
  /** How sure it said it was. */
  confidence: number;
  /** Right, or rightly handed over to an electrician. */
  served: boolean;
  tests: number;
  /** Screens they were asked on: what is looked at standing at the same spot is one. */
  screens: number;
  /** Resets tried into the fault. */
  trials: number;
  stopped: boolean;
  danger: boolean;
  /** A stop is no false one. */
  mayBeStopped: boolean;
  hazard: boolean;
  /** Told to reset, keep or enlarge although there was a hazard. */
  missed: boolean;
  /** The tests this person may do would have shown a hazard. */
  findable: boolean;
  /** Told something, a reset or another, that leaves it energised although there was a hazard. */
  leftOn: boolean;
}

/** Tests that switch it on. */
const TRIALS: ReadonlySet<TestId> = new Set(['reset-result', 'reset-result-unplugged']);

function wentAs(
  { assessed, choice, results, tests, screens }: Worked,
  of: ReturnType<typeof simulatedCase>,
  about: Pick<Went, 'cause' | 'danger' | 'mayBeStopped' | 'hazard' | 'findable' | 'profile' | 'order'>,
): Went {
  const { action, confidence } = choice;
  const { profile, hazard } = about;
  // During a stop the panel is made safe first, and the repair is told beside it.
  const stopped = assessed.hazard.level === 'stop';
  const right =
    isRight(of, action, profile) ||
    (stopped && assessed.also.some((one) => isRight(of, one.action, profile)));
  return {
    ...about,
    leading: rankedCauses(assessed)[0]!.id,
    action,
    right,
    confidence,
    served: right || isRightlyHandedOver(of, action, profile),
    tests,
    screens,
    trials: results.filter(({ test, outcome }) => TRIALS.has(test) && outcome !== 'holds').length,
    stopped,
    missed: hazard && RESETS_KEEPS_OR_ENLARGES.has(action),
    leftOn: hazard && LEAVES_ON.has(action),
  };
}

/** Whether the tests this person may do show a hazard that a reset cannot cure. */
const isFindable = (profile: Profile, outcomeOf: (test: TestId) => string): boolean =>
  hazardOf(allowed(profile).map((test) => ({ test, outcome: outcomeOf(test) }))).findings.some(
    ({ resetMayCure }) => !resetMayCure,
  );

export interface StudySize {
  /** Cases of each cause. */
  each: number;
  firstSeed: number;
  orders?: readonly Order[];
}

/** One case, worked by both profiles. */
export function studyCase(cause: CauseId, seed: number, orders: readonly Order[] = ORDERS): Went[] {
  const of = simulatedCase(cause, seed);
  const outcomeOf = outcomesOfCase(of);
  const [danger, mayBeStopped, hazard] = [dangersOf(of).length > 0, isRightlyStopped(of), isHazardous(of)];
  return (['homeowner', 'electrician'] as const).flatMap((profile) => {
    const findable = isFindable(profile, outcomeOf);
    return orders.map((order) =>
      wentAs(workCase(of, profile, { order, seed, outcomeOf }), of, {
        cause,
        danger,
        mayBeStopped,
        hazard,
        findable,
        profile,
        order,
      }),
    );
  });
}

/** Every cause so many times, for both profiles, in every order of tests. */
export const runStudy = ({ each, firstSeed, orders = ORDERS }: StudySize): Went[] =>
  SIMULATED_CAUSES.flatMap((cause) =>
    Array.from({ length: each }, (_, n) => studyCase(cause, firstSeed + n, orders)).flat(),
  );
