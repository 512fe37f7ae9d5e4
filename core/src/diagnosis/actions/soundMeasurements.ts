import type { Hazard } from '../../facts/hazards/index.ts';
import type { TestId, TestResult } from '../../facts/vocabulary/index.ts';
import { isRareWhenSound, type PriorContext } from '../causes/index.ts';

/** Independent kinds of measurement, each with the outcomes that a sound breaker on a sound circuit gives. */
const KINDS: readonly Partial<Record<TestId, readonly string[]>>[] = [
  { 'load-terminal-voltage': ['normal'], 'outlet-voltage': ['normal'] },
  { 'clamp-current': ['under-80', '80-to-100'], 'load-share': ['under-80', '80-to-100'] },
  {
    'terminal-temperature': ['like-peers'],
    'face-temperature': ['like-neighbours'],
    'panel-touch': ['cool'],
  },
  { 'trip-vs-curve': ['within-band'] },
  { 'millivolt-drop': ['like-peers'] },
  { 'insulation-resistance': ['over-1-megohm'] },
  { 'terminal-inspection': ['clean-and-tight'] },
];
/** So many of them say that a breaker is sound. */
export const KINDS_FOR_SOUND = 2;

/**
 * The measurements that say a breaker is sound, one of each independent kind.
 *
 * @param results the latest outcome of each test
 * @returns ids of the tests
 * @example soundMeasurements([{ test: 'outlet-voltage', outcome: 'normal' }]) // ['outlet-voltage']
 */
export const soundMeasurements = (results: readonly TestResult[]): TestId[] =>
  KINDS.flatMap((kind) => {
    const found = results.find(
      ({ test, outcome, isComputed }) => !isComputed && kind[test]?.includes(outcome),
    );
    return found ? [found.test] : [];
  });

/** Outcomes that show a breaker which is not on. */
const NOT_ON: Partial<Record<TestId, readonly string[]>> = {
  'handle-position': ['middle', 'off', 'one-half-low'],
  'handle-finger-test': ['gives'],
  'trip-indicator': ['shown'],
};

/** A trip that came as it does with a sound breaker. */
const explainsTrips = (results: readonly TestResult[]): boolean =>
  results.some(({ test, outcome }) => test === 'trip-vs-curve' && outcome === 'within-band');

/**
 * Whether independent measurements say that a breaker is sound, and nothing speaks against it.
 *
 * @param results the latest outcome of each test
 * @param hazard of all findings
 * @param known what is known of the breaker
 * @returns whether it may be kept on these measurements alone
 */
export const isMeasuredSound = (
  results: readonly TestResult[],
  hazard: Hazard,
  known: PriorContext,
): boolean =>
  hazard.level === 'none' &&
  known.complaint !== 'trips' &&
  known.causeRemoved !== true &&
  (known.tripped !== true || known.byTrips === 'sound' || explainsTrips(results)) &&
  !results.some((one) => isRareWhenSound(one) || NOT_ON[one.test]?.includes(one.outcome)) &&
  soundKinds(results, known) >= KINDS_FOR_SOUND;

/** How many independent kinds of measurement say that the breaker is sound; its trips and holds on record are one. */
export const soundKinds = (results: readonly TestResult[], { byTrips }: PriorContext): number =>
  soundMeasurements(results).length + (byTrips === 'sound' ? 1 : 0);
