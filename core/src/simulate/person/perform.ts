import type { TestId } from '../../facts/vocabulary/index.ts';
import { LOOKING } from './looking.ts';
import { MEASURING } from './measuring.ts';
import type { Performs } from './performs.ts';
import { reported } from './reported.ts';
import { TRYING } from './trying.ts';
import type { SimulatedCase } from './simulatedCase.ts';

/** Each test of the vocabulary, done on a simulated house as a person would do it. */
const PERFORM: Performs<TestId> = { ...LOOKING, ...TRYING, ...MEASURING };

/**
 * Do a test on a simulated house: what a person would report, errors and slips included. The same test gives the same
 * outcome however often it is done and whatever was done before.
 *
 * @example perform(simulatedCase('supply-outage', 1), 'power-loss-extent') // 'whole-house'
 */
export function perform<T extends TestId>(of: SimulatedCase, test: T): string {
  return reported(of, test, PERFORM[test](of, of.randomFor(test)));
}
