export {
  HAZARD_LEVELS,
  HAZARD_SCOPES,
  type HazardLevel,
  type HazardScope,
  type OutcomeHazard,
} from './hazardTable.ts';
export * from './hazard.ts';
export * from './consequences.ts';
export * from './schema.ts';
