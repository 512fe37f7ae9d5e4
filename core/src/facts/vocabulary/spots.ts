import { SENSES } from './senses.ts';
import type { OutcomeOf, TestId } from './tests.ts';

/** Looks, each with what a sound breaker gives. */
type Looks = { readonly [T in TestId]?: OutcomeOf<T> };

/**
 * Small looks that are done standing at the same spot: one screen each, on which only what is otherwise is said.
 */
export const SPOTS = {
  /** Before the closed panel, without touching a handle. */
  senses: SENSES,
  /** One finger on the handle. */
  handle: {
    'handle-position': 'on',
    'handle-finger-test': 'firm',
    'trip-indicator': 'not-shown',
  },
  /** What whoever lives there remembers. */
  memory: {
    'trip-pattern': 'random',
    'recent-change': 'none',
  },
  /** Main off, absence of voltage verified, then cover off. */
  inside: {
    'main-off-check': 'dead-as-expected',
    'terminal-inspection': 'clean-and-tight',
    'conductor-vs-breaker': 'matched',
    'part-match': 'listed',
    'neutral-joint-inspection': 'clean-and-tight',
  },
} as const satisfies Record<string, Looks>;
export type SpotId = keyof typeof SPOTS;

const AT = new Map<TestId, SpotId>(
  (Object.keys(SPOTS) as SpotId[]).flatMap((spot) =>
    (Object.keys(SPOTS[spot]) as TestId[]).map((test) => [test, spot] as const),
  ),
);

/**
 * Where a test is done together with others; `null`: it is done by itself.
 *
 * @param test id of the test
 * @returns id of the spot
 * @example spotOf('smell') // 'senses'
 */
export const spotOf = (test: TestId): SpotId | null => AT.get(test) ?? null;

/**
 * The tests of a spot, in the order in which they are asked.
 *
 * @param spot id of the spot
 * @returns ids of tests
 * @example testsAt('handle')[0] // 'handle-position'
 */
export const testsAt = (spot: SpotId): TestId[] => Object.keys(SPOTS[spot]) as TestId[];

/**
 * Which of some tests are asked on one screen with another: those of its spot, and itself.
 *
 * @param tests those that may be asked
 * @returns in the order of the spot
 * @example togetherWith('smell', ['outlet-voltage', 'smell', 'sound']) // ['sound', 'smell']
 */
export function togetherWith(test: TestId, tests: readonly TestId[]): TestId[] {
  const spot = spotOf(test);
  return spot === null ? [test] : testsAt(spot).filter((other) => other === test || tests.includes(other));
}

/**
 * What a sound breaker gives, where the test is done together with others.
 *
 * @param test id of the test
 * @returns the outcome’s id; `undefined`: it is asked by itself
 * @example usualAt('smell') // 'none'
 */
export function usualAt(test: TestId): string | undefined {
  const spot = spotOf(test);
  return spot === null ? undefined : (SPOTS[spot] as Record<string, string>)[test];
}
