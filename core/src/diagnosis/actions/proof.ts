import type { CauseId, TestId, TestResult } from '../../facts/vocabulary/index.ts';
import type { PriorContext } from '../causes/index.ts';

/** Any of these outcomes of any of these tests. */
type Outcomes = Partial<Record<TestId, readonly string[]>>;

/** What proves that the breaker itself is at fault: every part is needed, by any of its outcomes. */
interface Proof {
  parts: readonly Outcomes[];
  /** What the trips on record may say instead of the first part. */
  orByTrips?: PriorContext['byTrips'];
  /** Tests that would complete the proof. */
  tests: readonly TestId[];
}

const ANY_UNPLUGGED: Outcomes = { 'reset-result-unplugged': ['holds', 'trips-at-once', 'trips-later'] };
const SWAPPED: Outcomes = { 'known-good-swap': ['fault-stays-with-breaker'], 'load-wire-lifted': ['trips'] };
/** A trip judged against its load, with connections that explain nothing. */
const EARLY: Outcomes = { 'trip-vs-curve': ['too-early'] };
const COOL_CONNECTIONS: Outcomes = {
  'terminal-inspection': ['clean-and-tight'],
  'terminal-temperature': ['like-peers'],
  'face-temperature': ['like-neighbours'],
};

/** By cause, the ways to prove it. A cause that is missing here needs none. */
const PROOFS: Partial<Record<CauseId, readonly Proof[]>> = {
  'weak-breaker': [
    { parts: [SWAPPED], tests: [] },
    {
      parts: [EARLY, COOL_CONNECTIONS],
      orByTrips: 'weak',
      tests: ['trip-vs-curve', 'terminal-inspection'],
    },
    { parts: [ANY_UNPLUGGED], tests: ['reset-result-unplugged'] },
  ],
  'open-breaker': [
    { parts: [SWAPPED], tests: [] },
    {
      parts: [{ 'load-terminal-voltage': ['zero', 'one-pole-zero', 'low'], 'millivolt-drop': ['high'] }],
      tests: ['load-terminal-voltage'],
    },
  ],
  'electronic-unit-fault': [
    { parts: [SWAPPED], tests: ['load-wire-lifted'] },
    { parts: [{ 'test-button': ['does-not-trip'] }], tests: ['test-button'] },
    { parts: [{ 'insulation-resistance': ['over-1-megohm'] }], tests: ['insulation-resistance'] },
  ],
  'worn-mechanism': [
    { parts: [SWAPPED], tests: [] },
    { parts: [ANY_UNPLUGGED], tests: ['reset-result-unplugged'] },
    { parts: [{ 'reset-feel': ['hard-or-gritty'] }], tests: [] },
  ],
};

/** Trips that a short in the wiring gives as well: then the wiring is cleared first. */
const LIKE_A_SHORT: Outcomes = { 'reset-result-unplugged': ['trips-at-once'] };
const NO_SHORT: Outcomes = {
  ...SWAPPED,
  'insulation-resistance': ['over-1-megohm', 'under-1-megohm'],
};

const shows = (results: readonly TestResult[], outcomes: Outcomes): boolean =>
  results.some(({ test, outcome }) => outcomes[test]?.includes(outcome));

/**
 * What has to be found out before a breaker is condemned for a cause.
 *
 * @param cause the likeliest cause
 * @param results the latest outcome of each test
 * @param known what is known of the breaker
 * @returns tests, any of which may complete the proof; null: it is proven, or the cause needs no proof
 * @example proofNeeded('open-breaker', [], {}) // ['load-terminal-voltage']
 */
export function proofNeeded(
  cause: CauseId,
  results: readonly TestResult[],
  { pluggable, byTrips }: PriorContext,
): TestId[] | null {
  if (shows(results, LIKE_A_SHORT) && !shows(results, NO_SHORT))
    return ['insulation-resistance', 'load-wire-lifted'];
  const proofs = PROOFS[cause];
  if (!proofs) return null;
  // Where nothing can be unplugged, the trial without loads is the lifted wire.
  const isProven = ({ parts, orByTrips }: Proof) =>
    parts.every(
      (part, i) =>
        shows(results, part) ||
        (i === 0 && orByTrips !== undefined && orByTrips === byTrips) ||
        (pluggable === false && part === ANY_UNPLUGGED),
    );
  return proofs.some(isProven) ? null : [...new Set(proofs.flatMap(({ tests }) => tests))];
}
