import { TESTS, type TestId } from '@phylaxon/core/facts/vocabulary';

/** The forms of the log. */
export const LOG_TABS = ['reading', 'trip', 'no-trip', 'reset', 'look', 'inspection'] as const;
export type LogTab = (typeof LOG_TABS)[number];

/** Field of the reading form that logs a test, for tests that are readings. */
export const READING_FIELDS: Partial<Record<TestId, string>> = {
  'outlet-voltage': 'outlet',
  'load-terminal-voltage': 'load-terminal',
  'line-side-voltage': 'leg-a',
  'load-share': 'plug',
  'clamp-current': 'conductor',
  'face-temperature': 'face',
  'terminal-temperature': 'terminal',
};

const BY_TRIP: TestId[] = ['trip-vs-curve', 'trips-on-record'];
const BY_RESET: TestId[] = ['reset-feel', 'reset-result', 'reset-result-unplugged', 'power-after-reset'];
const BY_CIRCUIT: TestId = 'conductor-vs-breaker';

/** Where a test is logged: a form of the log, or the circuit’s own. */
export function destinationOf(test: TestId): LogTab | 'circuit' {
  if (READING_FIELDS[test] !== undefined) return 'reading';
  if (BY_TRIP.includes(test)) return 'trip';
  if (BY_RESET.includes(test)) return 'reset';
  return test === BY_CIRCUIT ? 'circuit' : 'look';
}

/** Tests that are logged by looking, listening, touching or trying, up to a level. */
export const lookableTests = (level: number): TestId[] =>
  (Object.keys(TESTS) as TestId[]).filter(
    (test) => TESTS[test].level <= level && destinationOf(test) === 'look',
  );
