import { CAUSE_IDS, TEST_IDS, type Context, type TestResult } from '@phylaxon/core/causes';
import { assess, forPerson, nextTests, rankedCauses, worthAsking } from '@phylaxon/core/diagnose';
import { seeded } from '@phylaxon/core/random';
import { dangersOf, isHazardous, perform, simulatedCase, type SimulatedCase } from '@phylaxon/core/simulate';
import {
  PROFILE_LEVEL,
  spotOf,
  testsAt,
  TESTS,
  type ActionId,
  type CauseId,
  type Profile,
  type TestId,
} from '@phylaxon/core/vocabulary';
import { isRight, isRightlyHandedOver, LEAVES_ON, RESETS_OR_ENLARGES } from './rightFor.ts';

/** In which order tests are done. */
export const ORDERS = ['engine', 'checklist', 'random'] as const;
export type Order = (typeof ORDERS)[number];

/** How one case went. */
export interface Went {
  cause: CauseId;
  profile: Profile;
  order: Order;
  leading: CauseId;
  action: ActionId;
  right: boolean;
  /** Right, or rightly handed over to an electrician. */
  served: boolean;
  tests: number;
  /** Screens they were asked on: what is looked at standing at the same spot is one. */
  screens: number;
  /** Resets tried into the fault. */
  trials: number;
  stopped: boolean;
  danger: boolean;
  hazard: boolean;
  /** Told to reset or enlarge although there was a hazard. */
  missed: boolean;
  /** Told something, a reset or another, that leaves it energised although there was a hazard. */
  leftOn: boolean;
}

/** Tests that switch it on. */
const TRIALS: ReadonlySet<TestId> = new Set(['reset-result', 'reset-result-unplugged']);

/** Whether it tripped, as far as anybody knows: where something is dead it may have. */
function hasTripped(noticed: readonly { test: TestId }[]): boolean | undefined {
  const told = new Set(noticed.map(({ test }) => test));
  return told.has('trips-on-record') ? true : told.has('power-loss-extent') ? undefined : false;
}

const contextOf = ({ house: { subject }, noticed }: SimulatedCase): Context => ({
  complaint: noticed.length === 0 ? 'check' : undefined,
  tripped: hasTripped(noticed),
  breakerKind: subject.unit.kind,
  poles: subject.unit.poles,
  ageYears: Math.round(subject.unit.ageYears),
  newlyFitted: subject.unit.newlyFitted,
  pluggable: subject.appliances.some(({ fixed }) => !fixed),
});

const allowed = (profile: Profile) => TEST_IDS.filter((id) => TESTS[id].level <= PROFILE_LEVEL[profile]);
const byLevel = (a: TestId, b: TestId) => TESTS[a].level - TESTS[b].level;

function shuffled<T>(list: readonly T[], seed: number): T[] {
  const random = seeded(seed);
  return list
    .map((one) => ({ one, at: random() }))
    .sort((a, b) => a.at - b.at)
    .map(({ one }) => one);
}

/** What people say by themselves: what is dead, and whatever else they noticed. */
function complaint({ noticed }: SimulatedCase, outcomeOf: (test: TestId) => string): TestResult[] {
  const dead = noticed.some(({ test }) => test === 'power-loss-extent');
  const extent: TestResult[] = dead
    ? []
    : [{ test: 'power-loss-extent', outcome: outcomeOf('power-loss-extent') }];
  return [...extent, ...noticed];
}

/** Work one case: what is complained of first, then one test after the other until it is decided. */
function work(
  of: SimulatedCase,
  outcomeOf: (test: TestId) => string,
  profile: Profile,
  order: Order,
  about: Pick<Went, 'cause' | 'danger' | 'hazard'> & { seed: number },
): Went {
  const known = contextOf(of);
  const results = complaint(of, outcomeOf);
  const told = results.length;
  const listed =
    order === 'random' ? shuffled(allowed(profile), about.seed) : [...allowed(profile)].sort(byLevel);
  let screens = 0;
  for (;;) {
    const looked = assess(results, known);
    const left = listed.filter((test) => !results.some((result) => result.test === test));
    const tests = nextTests(looked, profile);
    const worth = worthAsking(looked, tests, profile, order === 'engine' ? screens : 0);
    const next = order === 'engine' ? worth[0] : left[0];
    const { stops } = looked;
    if (worth.length === 0 || next === undefined) {
      const { action } = forPerson(looked, profile);
      const right = isRight(of, action, profile);
      return {
        ...about,
        profile,
        order,
        leading: rankedCauses(looked)[0]!.id,
        action,
        right,
        served: right || isRightlyHandedOver(of, action, profile),
        tests: results.length - told,
        screens,
        trials: results.filter(({ test, outcome }) => TRIALS.has(test) && outcome !== 'holds').length,
        stopped: stops.length > 0,
        missed: about.hazard && RESETS_OR_ENLARGES.has(action),
        leftOn: about.hazard && LEAVES_ON.has(action),
      };
    }
    screens++;
    const together = order === 'engine' ? tests.map(({ id }) => id).filter(onOneScreen(next)) : [next];
    for (const test of together) results.push({ test, outcome: outcomeOf(test) });
  }
}

/** What is asked together with a test: all that is looked at on the same spot. */
const onOneScreen = (test: TestId) => {
  const spot = spotOf(test);
  return (other: TestId) => other === test || (spot !== null && testsAt(spot).includes(other));
};

export interface StudySize {
  /** Cases of each cause. */
  each: number;
  firstSeed: number;
  orders?: readonly Order[];
}

/** Every cause so many times, for both profiles, in every order of tests. */
export function runStudy({ each, firstSeed, orders = ORDERS }: StudySize): Went[] {
  return CAUSE_IDS.flatMap((cause) =>
    Array.from({ length: each }, (_, n) => {
      const seed = firstSeed + n;
      const of = simulatedCase(cause, seed);
      const about = { cause, danger: dangersOf(of).length > 0, hazard: isHazardous(of), seed };
      const known = new Map<TestId, string>();
      const outcomeOf = (test: TestId) => {
        const outcome = known.get(test) ?? perform(of, test);
        known.set(test, outcome);
        return outcome;
      };
      return (['homeowner', 'electrician'] as const).flatMap((profile) =>
        orders.map((order) => work(of, outcomeOf, profile, order, about)),
      );
    }).flat(),
  );
}
