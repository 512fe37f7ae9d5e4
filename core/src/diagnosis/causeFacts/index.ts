import type { CauseId } from '../../facts/vocabulary/index.ts';
import {
  OVERLOAD,
  APPLIANCE_FAULT,
  WIRING_SHORT,
  GROUND_LEAKAGE,
  ARCING_CONNECTION,
  DOWNSTREAM_DEVICE_TRIPPED,
  OPEN_WIRING,
  MOISTURE,
  MOTOR_INRUSH,
  SHARED_NEUTRAL_OPEN,
  DEVICE_FAILED,
  MISWIRED_PROTECTED_UNIT,
  NEUTRAL_GROUND_FAULT,
} from './circuit/index.ts';
import {
  ELECTRONIC_UNIT_FAULT,
  WEAK_BREAKER,
  OPEN_BREAKER,
  STUCK_BREAKER,
  WORN_MECHANISM,
  OVERSIZED_BREAKER,
  UNDERSIZED_BREAKER,
  INCOMPLETE_RESET,
  MAIN_BREAKER_FAULT,
  WRONG_PART,
  WRONG_BREAKER,
  NO_FAULT,
} from './breaker/index.ts';
import { LOOSE_TERMINAL, BURNT_STAB, SHARED_TERMINAL, BUS_FAILING, HOT_SURROUNDINGS } from './panel/index.ts';
import { UPSTREAM_OPEN, SUPPLY_LEG_LOST, OPEN_NEUTRAL, SUPPLY_OUTAGE, BACKFEED } from './supply/index.ts';
import type { CauseFacts } from './cause/index.ts';

export * from './cause/index.ts';

/** Every cause of the vocabulary: how common and how grave it is, where it sits, what it shows, and the actions that cure it. */
export const CAUSE_FACTS: { readonly [C in CauseId]: CauseFacts } = {
  overload: OVERLOAD,
  'appliance-fault': APPLIANCE_FAULT,
  'wiring-short': WIRING_SHORT,
  'ground-leakage': GROUND_LEAKAGE,
  'arcing-connection': ARCING_CONNECTION,
  'electronic-unit-fault': ELECTRONIC_UNIT_FAULT,
  'weak-breaker': WEAK_BREAKER,
  'open-breaker': OPEN_BREAKER,
  'stuck-breaker': STUCK_BREAKER,
  'worn-mechanism': WORN_MECHANISM,
  'loose-terminal': LOOSE_TERMINAL,
  'burnt-stab': BURNT_STAB,
  'shared-terminal': SHARED_TERMINAL,
  'oversized-breaker': OVERSIZED_BREAKER,
  'undersized-breaker': UNDERSIZED_BREAKER,
  'incomplete-reset': INCOMPLETE_RESET,
  'downstream-device-tripped': DOWNSTREAM_DEVICE_TRIPPED,
  'upstream-open': UPSTREAM_OPEN,
  'open-wiring': OPEN_WIRING,
  'supply-leg-lost': SUPPLY_LEG_LOST,
  'open-neutral': OPEN_NEUTRAL,
  'bus-failing': BUS_FAILING,
  moisture: MOISTURE,
  'motor-inrush': MOTOR_INRUSH,
  'hot-surroundings': HOT_SURROUNDINGS,
  'supply-outage': SUPPLY_OUTAGE,
  'main-breaker-fault': MAIN_BREAKER_FAULT,
  'shared-neutral-open': SHARED_NEUTRAL_OPEN,
  'device-failed': DEVICE_FAILED,
  'miswired-protected-unit': MISWIRED_PROTECTED_UNIT,
  'wrong-part': WRONG_PART,
  'wrong-breaker': WRONG_BREAKER,
  backfeed: BACKFEED,
  'neutral-ground-fault': NEUTRAL_GROUND_FAULT,
  'no-fault': NO_FAULT,
};
