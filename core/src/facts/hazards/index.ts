export {
  HAZARD_LEVELS,
  HAZARD_SCOPES,
  type HazardLevel,
  type HazardScope,
  type OutcomeHazard,
} from './hazardTable.ts';
export * from './hazard.ts';
export {
  FIRE_RISK,
  HELPERS,
  JOBS,
  URGENCIES,
  type FindingLevel,
  type Helper,
  type Urgency,
  type WorkKind,
} from './consequenceTable.ts';
export * from './consequences.ts';
export * from './schema.ts';
