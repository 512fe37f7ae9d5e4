import type { PriorContext } from '../causes/index.ts';
import type { TestResult, OutcomeOf, TestId } from '../../facts/vocabulary/index.ts';

/** What is known where a test is to be chosen. */
interface Situation {
  known: PriorContext;
  /** The outcome of a test, if it was done. */
  found: <T extends TestId>(test: T) => OutcomeOf<T> | undefined;
}

/** Whether any of these outcomes was found. */
const is = <T extends TestId>({ found }: Situation, test: T, ...outcomes: OutcomeOf<T>[]): boolean => {
  const outcome = found(test);
  return outcome !== undefined && outcomes.includes(outcome);
};

/** All that hangs on the main, or on one leg, is dead. */
const isWide = (at: Situation) => is(at, 'power-loss-extent', 'half-the-house', 'whole-house');
/** Nothing of the circuit’s wiring is dead. */
const nothingDead = (at: Situation) => is(at, 'power-loss-extent', 'none', 'one-device');

/** The handle, or what it did, shows that it opened. */
const showsTrip = (at: Situation): boolean =>
  at.known.tripped === true ||
  is(at, 'handle-position', 'middle', 'one-half-low') ||
  is(at, 'handle-finger-test', 'gives') ||
  is(at, 'trip-indicator', 'shown') ||
  at.found('trips-on-record') !== undefined ||
  is(at, 'reset-result', 'trips-at-once', 'trips-in-seconds', 'trips-in-minutes', 'trips-after-hours') ||
  is(at, 'reset-result-unplugged', 'trips-at-once', 'trips-later');

/** Nobody knows that it has not tripped. */
const mayHaveTripped = (at: Situation): boolean =>
  showsTrip(at) ||
  !(
    at.known.tripped === false ||
    nothingDead(at) ||
    (is(at, 'handle-position', 'on') && is(at, 'handle-finger-test', 'firm'))
  );

const cameBack = (at: Situation) =>
  is(at, 'power-after-reset', 'restored') || (is(at, 'reset-result', 'holds') && !isStillDead(at));
const isStillDead = (at: Situation) => is(at, 'power-after-reset', 'still-dead');

/** Nothing flows on the circuit as it stands. */
const isDead = (at: Situation): boolean =>
  isWide(at) || isStillDead(at) || (is(at, 'power-loss-extent', 'one-circuit') && !cameBack(at));

const isProtected = ({ known }: Situation) => known.breakerKind !== 'standard';
const hasElectronics = ({ known: { breakerKind } }: Situation) =>
  breakerKind !== undefined && breakerKind !== 'standard';
const hasOutlets = ({ known }: Situation) => known.pluggable !== false;
const isPowered = (at: Situation) => !isDead(at);
const hasSuspect = (at: Situation): boolean =>
  is(at, 'trip-pattern', 'one-appliance', 'motor-starting') ||
  is(at, 'recent-change', 'new-appliance') ||
  is(at, 'reset-result-unplugged', 'holds');
const mayBeReset = (at: Situation) =>
  is(at, 'handle-position', 'off') || mayHaveTripped(at) || !nothingDead(at);

/** When a test applies; those that are left out always do. */
const APPLIES: { readonly [T in TestId]?: (at: Situation) => boolean } = {
  // Electronics have a button, a plain breaker has none.
  'test-button': isProtected,
  'button-after-fitting': (at) => isProtected(at) && at.known.newlyFitted !== false,
  // The street is dark with the house, or not at all.
  'neighbours-power': (at) =>
    isWide(at) || (at.found('power-loss-extent') === undefined && at.known.tripped !== true),
  // Where a breaker trips, what is dead is what hangs on it; what was dead is not asked once the power is back.
  'power-loss-extent': (at) => at.known.complaint !== 'trips' && !is(at, 'power-after-reset', 'restored'),
  'upstream-breaker': (at) =>
    at.found('power-loss-extent') === undefined
      ? at.known.tripped !== true
      : !is(at, 'power-loss-extent', 'none', 'one-device', 'part-of-one-circuit'),
  // A protected outlet darkens part of a circuit; a range or a dryer hangs behind none.
  'downstream-device': (at) =>
    at.known.poles !== 2 &&
    hasOutlets(at) &&
    !is(at, 'power-loss-extent', 'none', 'several-circuits', 'half-the-house', 'whole-house'),
  'reset-feel': mayBeReset,
  'reset-result': mayBeReset,
  'power-after-reset': (at) => mayBeReset(at) && !nothingDead(at) && at.known.complaint !== 'trips',
  // What holds with its loads holds without.
  'reset-result-unplugged': (at) => hasOutlets(at) && showsTrip(at) && !is(at, 'reset-result', 'holds'),
  // Something has to be suspected before it is carried elsewhere.
  'appliance-check': (at) => hasOutlets(at) && showsTrip(at) && hasSuspect(at),
  'trip-indicator': mayHaveTripped,
  'trip-pattern': mayHaveTripped,
  'trips-on-record': mayHaveTripped,
  // What electronics do is held against no curve.
  'trip-vs-curve': (at) =>
    !hasElectronics(at) &&
    (mayHaveTripped(at) || is(at, 'load-share', 'over-135') || is(at, 'clamp-current', 'over-135')),
  'load-wire-lifted': showsTrip,
  'outlet-voltage': (at) =>
    hasOutlets(at) && !isWide(at) && !(is(at, 'power-loss-extent', 'one-circuit') && isDead(at)),
  'outlet-sag': (at) => hasOutlets(at) && isPowered(at),
  // A tester is dark at a dead outlet, and tells nothing.
  'outlet-wiring': (at) => hasOutlets(at) && isPowered(at),
  'light-behaviour': (at) => !is(at, 'power-loss-extent', 'whole-house'),
  'branch-off-check': isPowered,
  'main-off-check': (at) => !is(at, 'power-loss-extent', 'whole-house'),
  'face-temperature': isPowered,
  'terminal-temperature': isPowered,
  'millivolt-drop': isPowered,
  'leg-balance': isPowered,
  // A load is measured once: at the plug or on the conductor.
  'load-share': (at) => !isWide(at) && at.found('clamp-current') === undefined,
  'clamp-current': (at) => isPowered(at) && at.found('load-share') === undefined,
  'known-good-swap': (at) => !isWide(at),
};

/** What nobody does, or tells of, where nothing tripped. */
const OF_TRIPS: readonly TestId[] = [
  'trips-on-record',
  'trip-pattern',
  'trip-vs-curve',
  'reset-feel',
  'reset-result',
  'reset-result-unplugged',
  'appliance-check',
  'load-wire-lifted',
];
/** Nothing is dead, the handle stands on, and nobody speaks of a trip or of a reset. */
const nobodySawATrip = (at: Situation): boolean =>
  is(at, 'power-loss-extent', 'none') &&
  !showsTrip(at) &&
  !is(at, 'handle-position', 'off') &&
  OF_TRIPS.every((test) => at.found(test) === undefined);

/**
 * What outcomes tell of the part itself, where it is not known: a button that works is that of a protected unit, half of
 * a linked pair is one of two poles.
 *
 * @example impliedBy([{ test: 'test-button', outcome: 'trips-and-resets' }]).breakerKind // 'dual'
 */
export function impliedBy(results: readonly TestResult[], known: PriorContext = {}): PriorContext {
  const at = situation(results, known);
  const fitted = is(at, 'button-after-fitting', 'holds', 'trips-as-soon-as-loaded');
  const hasButton = fitted || is(at, 'test-button', 'trips-and-resets', 'does-not-trip', 'will-not-reset');
  const kind = hasButton ? 'dual' : is(at, 'test-button', 'no-button') ? 'standard' : undefined;
  const isPair =
    is(at, 'handle-position', 'one-half-low') || is(at, 'load-terminal-voltage', 'one-pole-zero');
  const pattern = at.found('trip-pattern');
  const hasTripped =
    is(at, 'trips-on-record', 'few', 'many-overload', 'after-dead-short') ||
    // “At random” is also what is said of what never tripped.
    (pattern !== undefined && pattern !== 'random');
  return {
    ...known,
    tripped: known.tripped ?? (hasTripped ? true : nobodySawATrip(at) ? false : undefined),
    breakerKind: known.breakerKind ?? kind,
    newlyFitted:
      known.newlyFitted ??
      (fitted ? true : is(at, 'button-after-fitting', 'not-newly-fitted') ? false : undefined),
    poles: known.poles ?? (isPair ? 2 : undefined),
  };
}

function situation(results: readonly TestResult[], known: PriorContext): Situation {
  const outcomes = new Map<TestId, string>(results.map(({ test, outcome }) => [test, outcome]));
  return { known, found: (test) => outcomes.get(test) as never };
}

/**
 * Whether a test can tell anything where it is to be done: by the kind of the breaker, what hangs on it, what is dead and
 * whether it tripped.
 *
 * @param results the latest outcome of each test that was done
 * @param known what is known of the breaker
 * @returns a question that says so of each test
 * @example relevantTests([], { breakerKind: 'standard' })('test-button') // false
 */
export function relevantTests(
  results: readonly TestResult[],
  known: PriorContext = {},
): (test: TestId) => boolean {
  const at = situation(results, impliedBy(results, known));
  return (test) => APPLIES[test]?.(at) ?? true;
}

/** Outcomes that only a breaker of two poles can give. */
const OF_A_PAIR: Partial<Record<TestId, string>> = {
  'handle-position': 'one-half-low',
  'load-terminal-voltage': 'one-pole-zero',
};
/** Outcomes of a breaker of the other kind. */
const OF_A_PLAIN_ONE: Partial<Record<TestId, string>> = { 'test-button': 'no-button' };
const OF_AN_OLD_ONE: Partial<Record<TestId, string>> = { 'button-after-fitting': 'not-newly-fitted' };

/**
 * Whether an outcome is possible for a breaker: half of a pair is not offered for a single pole.
 *
 * @param test id of the test
 * @param outcome one of its outcomes
 * @param known poles, kind and age of the breaker, as far as they are known
 * @returns whether such a breaker can give it
 * @example canBe('handle-position', 'one-half-low', { poles: 1 }) // false
 */
export const canBe = (
  test: TestId,
  outcome: string,
  { poles, breakerKind, newlyFitted }: PriorContext,
): boolean =>
  !(poles === 1 && OF_A_PAIR[test] === outcome) &&
  !(breakerKind !== undefined && breakerKind !== 'standard' && OF_A_PLAIN_ONE[test] === outcome) &&
  !(newlyFitted === true && OF_AN_OLD_ONE[test] === outcome);
