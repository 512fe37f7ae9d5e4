import { CAUSE_IDS } from '../causes/index.ts';
import { endangers } from './losses.ts';

const ENDANGERS = CAUSE_IDS.map(endangers);

/**
 * The chances as confirmed ends would have them, but none that endangers life below what the table gives it: what
 * happened to others takes nothing away from a danger sign. All else shares what is left.
 *
 * @param byTable chances of all causes by the table alone, in the vocabulary’s order, summing to 1
 * @param byEnds the same, moved by confirmed ends
 * @returns chances that sum to 1
 * @throws never
 * @example keepDanger(byTable, byTable) // the same chances
 */
export function keepDanger(byTable: Float64Array, byEnds: Float64Array): Float64Array {
  const floor = byTable.map((p, i) => (ENDANGERS[i] ? p : 0));
  const left = 1 - floor.reduce((a, b) => a + b, 0);
  const more = byEnds.map((p, i) => Math.max(0, p - floor[i]!));
  const total = more.reduce((a, b) => a + b, 0);
  // Nothing but danger is left: then the table has the word.
  if (total <= 0) return byTable;
  return floor.map((p, i) => p + (left * more[i]!) / total);
}
