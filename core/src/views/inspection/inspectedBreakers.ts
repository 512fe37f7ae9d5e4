import { isLeftAlone, suspensionOf, type HazardAt } from '../board/index.ts';
import type { InspectedBreaker } from './stationItems.ts';

/** A breaker of the board as far as an inspection asks. */
type ShownBreaker = HazardAt & Pick<InspectedBreaker, 'breaker' | 'label'> & { handle: string };

/**
 * The breakers of a board as an inspection asks of them.
 *
 * @param breakers of the panel, with the decisions that stand and the handle positions
 * @returns each with whether its handle may be worked
 * @example inspectedBreakers([]) // []
 */
export function inspectedBreakers(breakers: readonly ShownBreaker[]): InspectedBreaker[] {
  const suspension = suspensionOf(breakers);
  return breakers.map((one) => ({
    breaker: one.breaker,
    label: one.label,
    isReady: !isLeftAlone(suspension, one),
  }));
}
