import { isLeftAlone, suspensionOf, suspensionReasons, type HazardAt } from '../board/index.ts';
import type { UpkeepView } from './schema.ts';
import { dutiesOf, keepingPower, type KeptBreaker, type KeptRecord } from './upkeep.ts';

/** A breaker of the board as far as maintenance asks. */
export type MaintainedBreaker = HazardAt & Pick<KeptBreaker, 'breaker' | 'label'> & { handle: string };

/**
 * The maintenance due at a panel. A hazard of the whole panel suspends it: nothing is due until the hazard is cleared. A
 * breaker with a hazard, or with its handle not on, is left out.
 *
 * @param breakers of the panel, with the decisions that stand and the handle positions
 * @param record rounds made, own rules, critical loads, since when and in which time zone
 * @param now UTC
 * @returns the reasons of a suspension, the duties with the most overdue first, and the critical loads
 * @example dueDuties([], { rounds: [], rules: [], keepsPower: null, since: now, zone: 'UTC' }, now).suspended // []
 */
export function dueDuties(
  breakers: readonly MaintainedBreaker[],
  record: KeptRecord,
  now: string,
): Pick<UpkeepView, 'suspended' | 'duties' | 'keepsPower'> {
  const suspension = suspensionOf(breakers);
  const isSuspended = suspension.ofPanel('exercise');
  const kept = breakers.map((one) => ({
    breaker: one.breaker,
    label: one.label ?? null,
    isLeftAlone: isLeftAlone(suspension, one),
  }));
  const duties = dutiesOf(kept, record, now);
  return {
    suspended: isSuspended ? suspensionReasons(suspension) : [],
    duties: isSuspended ? duties.map((one) => ({ ...one, isDue: false })) : duties,
    keepsPower: { breakerIds: keepingPower(kept, record.keepsPower), isSaid: record.keepsPower !== null },
  };
}
