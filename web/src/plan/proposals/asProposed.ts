import type { SpacePlan } from '@phylaxon/core/panel/spacePlan';
import type { Proposal } from '@phylaxon/core/record/panelEntries';

/** The steps of a plan as a proposal keeps them. */
export const asProposed = (steps: SpacePlan['steps']): Proposal['steps'] =>
  steps.map(({ id, to, as }) => ({ breakerId: id, to, as }));
