import { TESTS, type TestId } from '../../facts/vocabulary/index.ts';
import { chance, pick } from '../house/index.ts';
import type { SimulatedCase } from './simulatedCase.ts';

/** How often a person gets a test wrong, beside the errors of instruments. */
const SLIPS: Partial<Record<TestId, number>> = {
  'handle-finger-test': 0.05,
  'trip-pattern': 0.1,
  'trips-on-record': 0.05,
  'light-behaviour': 0.04,
  'reset-feel': 0.04,
  'recent-change': 0.04,
  'downstream-device': 0.06,
  sound: 0.01,
  smell: 0.01,
};
/** Nobody presses the reset of a device, or meets a handle, that had not opened and takes it for one that had. */
const UNMISTAKABLE: Partial<Record<TestId, string>> = {
  'downstream-device': 'tripped',
  'upstream-breaker': 'tripped-or-off',
};

/** By who does it: anybody with eyes and ears, or a qualified person with a meter. */
const USUAL_SLIP = [0.015, 0.012, 0.004] as const;

/** What a person reports of a test: what it showed, or now and then something else. */
export function reported(of: SimulatedCase, test: TestId, shown: string): string {
  const random = of.randomFor(`slip ${test}`);
  const wrong = of.slips * (SLIPS[test] ?? USUAL_SLIP[TESTS[test].level]);
  const { outcomes, danger = [] } = TESTS[test] as {
    outcomes: readonly string[];
    danger?: readonly string[];
  };
  // Nobody hears, sees or measures a danger by mistake as easily as something harmless.
  const at = outcomes.indexOf(shown);
  // It is taken for what is next to it.
  const others = [at - 1, at + 1]
    .flatMap((i) => outcomes[i] ?? [])
    .filter((one) => !danger.includes(one) && UNMISTAKABLE[test] !== one);
  return chance(random, wrong) && others.length > 0 ? pick(random, others) : shown;
}
