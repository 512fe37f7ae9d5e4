import type { CauseId } from '../facts/vocabulary/index.ts';
import { houseWith } from '../simulate/house/index.ts';
import { drawCase, type SimulatedCase } from '../simulate/person/index.ts';

/** Two faults that meet in practice: planted one after the other, the first one first. */
export interface Pair {
  causes: readonly [CauseId, CauseId];
  /** Loads that together heat it to this share of its rating, once both are in. */
  load?: number;
}

export const PAIRS: readonly Pair[] = [
  { causes: ['overload', 'loose-terminal'], load: 1.35 },
  { causes: ['oversized-breaker', 'overload'], load: 1.2 },
  { causes: ['weak-breaker', 'moisture'] },
  { causes: ['shared-terminal', 'wrong-part'] },
  { causes: ['overload', 'open-neutral'] },
  { causes: ['weak-breaker', 'open-neutral'] },
  { causes: ['device-failed', 'open-neutral'] },
  { causes: ['incomplete-reset', 'open-neutral'] },
  { causes: ['weak-breaker', 'burnt-stab'] },
  { causes: ['appliance-fault', 'loose-terminal'] },
  { causes: ['hot-surroundings', 'shared-terminal'] },
  { causes: ['motor-inrush', 'wrong-part'] },
];

/**
 * A case with two faults in it, or with one of them once the other was put right.
 *
 * @param only the fault that is left; without it both are there
 * @returns the simulated case
 * @example twoFaults(PAIRS[0], 1).house.cause // 'overload': the first of them
 */
export function twoFaults({ causes, load }: Pair, seed: number, only?: CauseId): SimulatedCase {
  const planted = only === undefined ? causes : [only];
  const share = only === undefined || only === 'overload' ? load : undefined;
  return drawCase(`${causes.join(' and ')}`, seed, (random) => houseWith(planted, random, share), planted);
}
