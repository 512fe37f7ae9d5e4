import type { CauseId } from '../../facts/vocabulary/index.ts';
import { LOAD_CAUSES } from './loads.ts';
import { INSULATION_CAUSES } from './insulation.ts';
import { OPEN_CIRCUIT_CAUSES } from './openCircuits.ts';
import { BREAKER_CAUSES } from './breakers.ts';
import { SELECTION_CAUSES } from './selection.ts';
import { CONNECTION_CAUSES } from './connections.ts';
import { SUPPLY_CAUSES } from './supply.ts';
import type { CauseFacts } from './cause.ts';

export * from './cause.ts';

/** Every cause of the vocabulary: how common and how grave it is, where it sits, what it shows, and the actions that cure it. */
export const CAUSE_FACTS: { readonly [C in CauseId]: CauseFacts } = {
  ...LOAD_CAUSES,
  ...INSULATION_CAUSES,
  ...OPEN_CIRCUIT_CAUSES,
  ...BREAKER_CAUSES,
  ...SELECTION_CAUSES,
  ...CONNECTION_CAUSES,
  ...SUPPLY_CAUSES,
};
