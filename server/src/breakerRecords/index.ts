export { breakerRecords, circuitsOf, isEvidence } from './breakerRecords.ts';
export {
  type Struck,
  breakerOf,
  caseFromRow,
  circuitColumns,
  eventOf,
  inspectionOf,
  noteOf,
  observationOf,
  panelEntryOf,
  panelFromRow,
  photoOf,
  readingOf,
  strikesById,
} from './rowsToRecord.ts';
