export { breakerRecords, circuitsOf } from './breakerRecords.ts';
export {
  type Struck,
  breakerOf,
  caseOf,
  circuitColumns,
  eventOf,
  inspectionOf,
  noteOf,
  observationOf,
  panelEntryOf,
  panelOf,
  photoOf,
  readingOf,
  strikesById,
} from './rowsToRecord.ts';
