import { TESTS, type TestFacts, type TestId } from '../vocabulary/index.ts';

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
  'load-wire-lifted': 3,
  'known-good-swap': 5,
  'insulation-resistance': 1.5,
  'terminal-inspection': 0.6,
  'stab-inspection': 2,
  'neutral-joint-inspection': 0.6,
  'millivolt-drop': 0.8,
  'main-off-check': 0.6,
};

/** What a test costs in time, danger and tools, in the unit of the losses. */
export function testCost(test: TestId): number {
  const { level, energised }: TestFacts = TESTS[test];
  return BY_LEVEL[level] + (energised ? ENERGISED : 0) + (MORE[test] ?? 0);
}
