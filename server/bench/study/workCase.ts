import type { PriorContext } from '@phylaxon/core/diagnosis/causes';
import { seeded } from '@phylaxon/core/facts/random';
import { perform, type SimulatedCase } from '@phylaxon/core/simulate/person';
import {
  PROFILE_LEVEL,
  TEST_IDS,
  TESTS,
  togetherWith,
  type Profile,
  type TestId,
  type TestResult,
} from '@phylaxon/core/facts/vocabulary';
import { assess, finalChoice, nextTests, worthAsking } from '@phylaxon/core/diagnosis/engine';

/** In which order tests are done. */
export const ORDERS = ['engine', 'checklist', 'random'] as const;
export type Order = (typeof ORDERS)[number];

/** How a case was worked, to its end. */
export interface Worked {
  assessed: ReturnType<typeof assess>;
  /** What this person is told. */
  choice: ReturnType<typeof finalChoice>;
  results: TestResult[];
  /** Tests that were asked for, and the screens they were asked on. */
  tests: number;
  screens: number;
}

/** Whether it tripped, as far as anybody knows: where something is dead it may have. */
function hasTripped(noticed: readonly { test: TestId }[]): boolean | undefined {
  const told = new Set(noticed.map(({ test }) => test));
  return told.has('trips-on-record') ? true : told.has('power-loss-extent') ? undefined : false;
}

const contextOf = ({ house: { subject }, noticed }: SimulatedCase): PriorContext => ({
  complaint: noticed.length === 0 ? 'check' : undefined,
  tripped: hasTripped(noticed),
  breakerKind: subject.breaker.kind,
  poles: subject.breaker.poles,
  ageYears: Math.round(subject.breaker.ageYears),
  newlyFitted: subject.breaker.newlyFitted,
  pluggable: subject.appliances.some(({ fixed }) => !fixed),
});

/** Tests that a person may do. */
export const allowed = (profile: Profile) =>
  TEST_IDS.filter((id) => TESTS[id].level <= PROFILE_LEVEL[profile]);
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

/** The outcome of each test of a case, worked out once. */
export function outcomesOfCase(of: SimulatedCase): (test: TestId) => string {
  const known = new Map<TestId, string>();
  return (test) => {
    const outcome = known.get(test) ?? perform(of, test);
    known.set(test, outcome);
    return outcome;
  };
}

/** Work one case: what is complained of first, then one screen after the other until it is decided. */
export function workCase(
  of: SimulatedCase,
  profile: Profile,
  {
    order = 'engine',
    seed = 0,
    outcomeOf = outcomesOfCase(of),
  }: {
    order?: Order;
    seed?: number;
    outcomeOf?: (test: TestId) => string;
  } = {},
): Worked {
  const known = contextOf(of);
  const results = complaint(of, outcomeOf);
  const told = results.length;
  const listed = order === 'random' ? shuffled(allowed(profile), seed) : [...allowed(profile)].sort(byLevel);
  for (let screens = 0; ; screens++) {
    const assessed = assess(results, known);
    const left = listed.filter((test) => !results.some((result) => result.test === test));
    const tests = nextTests(assessed, profile);
    const worth = worthAsking(assessed, tests, profile, order === 'engine' ? screens : 0);
    const next = order === 'engine' ? worth[0] : left[0];
    if (worth.length === 0 || next === undefined)
      return {
        assessed,
        choice: finalChoice(assessed, profile),
        results,
        tests: results.length - told,
        screens,
      };
    const mine = tests.map(({ id }) => id);
    const together = order === 'engine' ? togetherWith(next, mine) : [next];
    for (const test of together) results.push({ test, outcome: outcomeOf(test) });
  }
}
