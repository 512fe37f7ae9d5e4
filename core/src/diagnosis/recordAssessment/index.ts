export { assessRecord, knownOf } from './recordAssessment.ts';
export {
  causeRemoved,
  heldSince,
  lastTrip,
  overloadMeasured,
  replaceThisBreaker,
  unpluggedInstantTrips,
  warmth,
} from './recordFacts.ts';
export { type RecordHazard, circumstancesOf, needsWork, recordHazard } from './recordHazard.ts';
export { hasTrouble, resultsOf } from './recordResults.ts';
