import type { CauseId } from '../../facts/vocabulary/index.ts';
import { OVERLOAD } from './overload.ts';
import { APPLIANCE_FAULT } from './applianceFault.ts';
import { WIRING_SHORT } from './wiringShort.ts';
import { GROUND_LEAKAGE } from './groundLeakage.ts';
import { ARCING_CONNECTION } from './arcingConnection.ts';
import { ELECTRONIC_UNIT_FAULT } from './electronicUnitFault.ts';
import { WEAK_BREAKER } from './weakBreaker.ts';
import { OPEN_BREAKER } from './openBreaker.ts';
import { STUCK_BREAKER } from './stuckBreaker.ts';
import { WORN_MECHANISM } from './wornMechanism.ts';
import { LOOSE_TERMINAL } from './looseTerminal.ts';
import { BURNT_STAB } from './burntStab.ts';
import { SHARED_TERMINAL } from './sharedTerminal.ts';
import { OVERSIZED_BREAKER } from './oversizedBreaker.ts';
import { UNDERSIZED_BREAKER } from './undersizedBreaker.ts';
import { INCOMPLETE_RESET } from './incompleteReset.ts';
import { DOWNSTREAM_DEVICE_TRIPPED } from './downstreamDeviceTripped.ts';
import { UPSTREAM_OPEN } from './upstreamOpen.ts';
import { OPEN_WIRING } from './openWiring.ts';
import { SUPPLY_LEG_LOST } from './supplyLegLost.ts';
import { OPEN_NEUTRAL } from './openNeutral.ts';
import { BUS_FAILING } from './busFailing.ts';
import { MOISTURE } from './moisture.ts';
import { MOTOR_INRUSH } from './motorInrush.ts';
import { HOT_SURROUNDINGS } from './hotSurroundings.ts';
import { SUPPLY_OUTAGE } from './supplyOutage.ts';
import { MAIN_BREAKER_FAULT } from './mainBreakerFault.ts';
import { SHARED_NEUTRAL_OPEN } from './sharedNeutralOpen.ts';
import { DEVICE_FAILED } from './deviceFailed.ts';
import { MISWIRED_PROTECTED_UNIT } from './miswiredProtectedUnit.ts';
import { WRONG_PART } from './wrongPart.ts';
import { WRONG_BREAKER } from './wrongBreaker.ts';
import { BACKFEED } from './backfeed.ts';
import { NEUTRAL_GROUND_FAULT } from './neutralGroundFault.ts';
import { NO_FAULT } from './noFault.ts';
import type { CauseFacts } from './cause.ts';

export * from './cause.ts';

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
