import type { ReactNode } from 'react';
import { rich } from '../../shared/rich/index.ts';

export const diagnoseAProblem = 'Diagnose a problem';
export const openCases = 'Open cases';
export const space = (space: number | null) => `space ${space}`;
export const typeTheDirectory = 'Type the directory';
export const selectABreakerOnTheBoard =
  'Select a breaker on the board to log a reading, a trip or a reset, and to see its decision.';
export const emptyPanelEnterItsBreakers = 'Empty panel: enter its breakers';
export const nothingNeedsAttention = 'Nothing needs attention';
export const needsAttentionMostUrgentFirst = 'Needs attention, most urgent first';
export const nowOnRecordYouCanUndo = (toLog: string) => `✓ ${toLog} now on record. You can undo this.`;
export const readingIs = '1 reading is';
export const readingsAre = (toLog: number) => `${toLog} readings are`;
export const readingsFromACsvTable = 'Readings from a CSV table';
export const columnsTimeUtcPlaceMeasuredAt =
  'Columns: time (UTC), place, measured at, value, unit; temperatures also need air (°C), the ambient temperature. A table exported from a site has these columns.';
export const toImport = (toLog: number, toLog2: string) => `${toLog} ${toLog2} to import`;
export const fromTo = (from: string, to: string) => `, from ${from} to ${to}`;
export const areAlreadyOnRecordAndAre = (known: number) =>
  ` ${known} are already on record and are left out.`;
export const areVoidInTheTableAnd = (voided: number) => ` ${voided} are void in the table and are left out.`;
export const importReadings = 'Import readings';
export const theTableWasNotImported = 'The table was not imported:';
export const phylaxon = (panelName: string) => `${panelName} · Phylaxon`;
export const phylaxonLabel = 'Phylaxon';
export const emptySpace = (space: ReactNode) => rich`${space}Empty space`;
export const orEnterTheBreakerThatIs = 'Or enter the breaker that is here';
export const setUp = (panelName: string) => `Set up ${panelName}`;
export const tables = 'Tables';
export const panelDirectoryAsCsv = 'Panel directory as CSV';
export const copy = (panelName: string) => `${panelName} copy`;
export const copyThisPanel = 'Copy this panel';
export const copiesTheBreakersAndCircuits = 'Copies the breakers and circuits, but not the log.';
export const nameOfTheNewPanel = 'Name of the new panel';
export const duplicate = 'Duplicate';
export const removeThisPanel = 'Remove this panel';
export const itsRecordIsKeptUndoOn = 'Its record is kept. Undo on the site page brings the panel back.';
export const workForAnElectrician = 'Work for an electrician';
export const thesePagesAreForAQualified =
  'These pages are for a qualified electrician. Show them this list, or switch to Electrician at the top.';
