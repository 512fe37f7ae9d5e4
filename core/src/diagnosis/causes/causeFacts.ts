import type { CauseId } from '../../facts/vocabulary/index.ts';
import { JOINT_CAUSES } from './jointCauses.ts';
import { LOAD_CAUSES } from './loadCauses.ts';
import type { CauseFacts } from './signs.ts';
import { SUPPLY_CAUSES } from './supplyCauses.ts';
import { BREAKER_CAUSES } from './breakerCauses.ts';
import { WIRING_CAUSES } from './wiringCauses.ts';

/** Every cause of the vocabulary, with how common it is and what it shows. */
export const CAUSE_FACTS: { readonly [C in CauseId]: CauseFacts } = {
  ...LOAD_CAUSES,
  ...WIRING_CAUSES,
  ...BREAKER_CAUSES,
  ...JOINT_CAUSES,
  ...SUPPLY_CAUSES,
};
