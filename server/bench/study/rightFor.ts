import { dangersOf, isHazardous, perform, type SimulatedCase } from '@phylaxon/core/simulate/person';
import type { ActionId, CauseId, Profile } from '@phylaxon/core/facts/vocabulary';

/**
 * What a careful master electrician would accept as right, by what is really wrong. Written beside the engine’s own
 * table on purpose: a yardstick that is read off what it measures measures nothing.
 */
const RIGHT: Partial<Record<CauseId, readonly ActionId[]>> = {
  overload: ['shed-load', 'split-circuit'],
  'appliance-fault': ['repair-appliance'],
  'wiring-short': ['repair-wiring'],
  'ground-leakage': ['repair-wiring', 'dry-and-inspect'],
  'arcing-connection': ['repair-wiring'],
  'electronic-unit-fault': ['replace-breaker'],
  'weak-breaker': ['replace-breaker'],
  'open-breaker': ['replace-breaker'],
  'stuck-breaker': ['replace-breaker'],
  'worn-mechanism': ['replace-breaker'],
  'loose-terminal': ['remake-joint', 'replace-breaker-and-remake-joint'],
  'burnt-stab': ['replace-breaker-and-remake-joint', 'replace-breaker'],
  'shared-terminal': ['separate-conductors'],
  'oversized-breaker': ['size-down'],
  'undersized-breaker': ['size-up'],
  'incomplete-reset': ['complete-reset', 'reset-and-watch'],
  'downstream-device-tripped': ['reset-other-device'],
  'upstream-open': ['reset-other-device'],
  'open-wiring': ['repair-wiring'],
  'supply-leg-lost': ['call-utility'],
  'open-neutral': ['make-safe-and-call', 'call-utility'],
  'bus-failing': ['replace-panel'],
  moisture: ['dry-and-inspect'],
  'motor-inrush': ['shed-load', 'split-circuit', 'repair-appliance'],
  'hot-surroundings': ['cool-surroundings', 'shed-load'],
  'supply-outage': ['wait-for-supply'],
  'main-breaker-fault': ['replace-main'],
  'shared-neutral-open': ['repair-neutral', 'repair-wiring'],
  'device-failed': ['replace-device'],
  'miswired-protected-unit': ['repair-neutral', 'repair-wiring'],
  'wrong-part': ['replace-breaker', 'replace-breaker-and-remake-joint'],
  'wrong-breaker': ['correct-directory', 'make-safe-and-call'],
  backfeed: ['make-safe-and-call'],
  'neutral-ground-fault': ['repair-neutral', 'repair-wiring'],
  'no-fault': ['keep', 'reset-and-watch'],
};

/** What would be switched on again or enlarged; and a terminal that rust has got at: the damp has to be found as well. */
const WAITS_FOR_DRY: ReadonlySet<CauseId> = new Set<CauseId>([
  'upstream-open',
  'downstream-device-tripped',
  'no-fault',
  'incomplete-reset',
  'undersized-breaker',
  'loose-terminal',
]);

/** Whether an action is right for a case. Where there is danger, making it safe and calling is right too. */
export function isRight(of: SimulatedCase, action: ActionId, profile: Profile): boolean {
  const { cause, subject } = of.house;
  if (cause === 'none') return false;
  // It was thrown off once for nothing: to reset it all the way is what there is to do.
  if (cause === 'no-fault' && subject.breaker.handle !== 'on' && action === 'complete-reset') return true;
  if (action === 'make-safe-and-call' && isRightlyStopped(of)) return true;
  if ((action === 'reset-and-watch' || action === 'complete-reset') && isToBeWatched(of)) return true;
  // Nothing is switched on again, nor enlarged, at a panel that damp gets at.
  if (WAITS_FOR_DRY.has(cause) && of.house.water !== 'dry' && action === 'dry-and-inspect') return true;
  // Beside an outlet that is wired wrong nothing is reset or kept: the outlet is repaired first.
  if (action === 'repair-wiring' && RIGHT[cause]?.some(isResetOrKeep) && hasWrongOutlet(of)) return true;
  // Two circuits under one screw that together overload it: less load is right, whatever else is put right later.
  if (cause === 'shared-terminal' && action === 'shed-load' && !isHazardous(of)) return true;
  // Or a second breaker, where one would never carry both.
  if (
    cause === 'shared-terminal' &&
    action === 'split-circuit' &&
    connectedAmps(of) > subject.breaker.ratingAmps
  )
    return true;
  // Off and still live: which breaker makes it dead is looked for, and if none does, another source, or this one’s contacts.
  if ((cause === 'backfeed' || cause === 'stuck-breaker') && action === 'correct-directory') return true;
  // What overloaded it has been switched off since.
  if (cause === 'overload' && of.lighter && action === 'reset-and-watch') return true;
  // The street has power: the service is for the utility to look at. Whoever has no meter calls it for a dead main too.
  if (cause === 'supply-outage' && !of.house.streetDark && action === 'call-utility') return true;
  if (cause === 'main-breaker-fault' && profile === 'homeowner' && action === 'call-utility') return true;
  // A stab that no longer touches belongs to the panel as much as to the breaker.
  if (cause === 'burnt-stab' && action === 'replace-panel' && subject.breaker.stabArcs) return true;
  return RIGHT[cause]?.includes(action) ?? false;
}

const isResetOrKeep = (action: ActionId): boolean => RESETS_KEEPS_OR_ENLARGES.has(action);
const hasWrongOutlet = (of: SimulatedCase): boolean => perform(of, 'outlet-wiring') !== 'correct';

const connectedAmps = ({ house: { subject } }: SimulatedCase): number =>
  subject.appliances.reduce((sum, { amps }) => sum + amps, 0);

/** Insulation below this reads next to nothing, Ω. */
const NEXT_TO_NOTHING_OHMS = 2000;

/**
 * Whether to stop is right: where there is danger, and where the insulation really reads next to nothing. A neutral that
 * touches ground reads as a short does, and the circuit stays off until it is found. Legs that differ stop as well: nobody
 * can tell at first whether it is the neutral.
 */
export const isRightlyStopped = (of: SimulatedCase): boolean =>
  dangersOf(of).length > 0 ||
  of.house.subject.neutralGroundOhms < NEXT_TO_NOTHING_OHMS ||
  perform(of, 'line-side-voltage') === 'legs-unequal';

/** It opened once, holds again, and nothing hazardous is left: to watch it is what there is to do. */
const isToBeWatched = (of: SimulatedCase): boolean =>
  of.days.filter(({ trial }) => trial.openedAfter !== null).length <= 1 &&
  !isHazardous(of) &&
  perform(of, 'reset-result') === 'holds';

/** Causes that anybody can put right, with the cover closed. */
const ANYBODY: ReadonlySet<CauseId> = new Set<CauseId>([
  'overload',
  'appliance-fault',
  'incomplete-reset',
  'downstream-device-tripped',
  'upstream-open',
  'supply-leg-lost',
  'supply-outage',
  'motor-inrush',
  'hot-surroundings',
  'device-failed',
  'wrong-breaker',
  'no-fault',
]);

/** Whether a homeowner, for whom more is needed than can be found with the cover closed, is rightly handed over. */
export const isRightlyHandedOver = (of: SimulatedCase, action: ActionId, profile: Profile): boolean =>
  profile === 'homeowner' &&
  action === 'gather-more' &&
  of.house.cause !== 'none' &&
  // Rust at the panel is an electrician’s to look at, whatever else is wrong.
  (!ANYBODY.has(of.house.cause) || of.house.water !== 'dry');

/** It is reset, kept in service as it is, or enlarged. */
export const RESETS_KEEPS_OR_ENLARGES: ReadonlySet<ActionId> = new Set<ActionId>([
  'complete-reset',
  'reset-and-watch',
  'reset-other-device',
  'size-up',
  'keep',
]);

/** All after which it stays energised meanwhile, whatever else is wrong with it. */
export const LEAVES_ON: ReadonlySet<ActionId> = new Set<ActionId>([
  ...RESETS_KEEPS_OR_ENLARGES,
  'shed-load',
  'cool-surroundings',
  'replace-device',
  'wait-for-supply',
  'repair-appliance',
  'call-utility',
]);
