import type { Random } from '../../facts/random/index.ts';
import type { OutcomeOf, TestId } from '../../facts/vocabulary/index.ts';
import type { SimulatedCase } from './simulatedCase.ts';

/** How some tests are done on a simulated house, and what each shows. */
export type Performs<T extends TestId> = {
  [One in T]: (of: SimulatedCase, random: Random) => OutcomeOf<One>;
};

/** Below this a lamp is dark. */
export const SIMULATED_DEAD_VOLTS = 65;
