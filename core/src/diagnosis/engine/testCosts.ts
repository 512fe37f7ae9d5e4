import { TESTS, type TestFacts, type TestId } from '../../facts/vocabulary/index.ts';

/** By what it takes: a look, a tool with the cover closed, the cover off. */
const BY_LEVEL = { 0: 0.15, 1: 0.6, 2: 1.6 } as const;
/** A measurement on live parts, beside its time. */
const ENERGISED = 0.8;

/** What a test costs beside that: trips, work, parts, time. */
const MORE: Partial<Record<TestId, number>> = {
  'reset-result': 1.2,
  'reset-result-unplugged': 1.2,
  'power-after-reset': 0.6,
  'reset-feel': 0.3,
  'appliance-check': 0.4,
  'face-temperature': 0.4,
  'load-wire-lifted': 1.8,
  'known-good-swap': 3.6,
  'insulation-resistance': 1.5,
  'terminal-inspection': 0.6,
  'stab-inspection': 2,
  'neutral-joint-inspection': 0.6,
  'millivolt-drop': 0.8,
  'main-off-check': 0.6,
};

/** Behind the cover, with the panel dead. */
const isOnDeadPanel = (test: TestId): boolean => {
  const { level, energised }: TestFacts = TESTS[test];
  return level === 2 && !energised;
};
/** With the panel dead and open already, one more look there. */
const WHILE_OPEN = 0.5;

/**
 * What a test costs in time, danger and tools, in the unit of the losses.
 *
 * @param done tests that were done: with the panel dead and open already, another look there is quickly had
 * @example testCost('stab-inspection', ['terminal-inspection']) < testCost('stab-inspection', []) // true
 */
export function testCost(test: TestId, done: readonly TestId[]): number {
  const { level, energised }: TestFacts = TESTS[test];
  const base = isOnDeadPanel(test) && done.some(isOnDeadPanel) ? WHILE_OPEN : BY_LEVEL[level];
  return base + (energised ? ENERGISED : 0) + (MORE[test] ?? 0);
}
