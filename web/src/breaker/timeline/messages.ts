import type { ReactNode } from 'react';
import { rich } from '../../shared/rich/index.ts';

export const current = 'Current';
export const temperature = 'Temperature';
export const voltage = 'Voltage';
export const power = 'Power';
export const millivolts = 'Millivolts';
export const newPart = 'new part';
export const drawing = 'Drawing …';
export const overTime = 'Over time';
export const valuesShown = 'Values shown';
export const overTimeReadingsLimitsTheList = (
  title: string,
  momentsCount: number,
  last: string,
  join: string,
) => `${title} over time, ${momentsCount} readings${last}; limits: ${join}. The list below has the figures.`;
export const theLast = (toISOString: string) => `, the last ${toISOString}`;
export const voidDoesNotCount = '✕ void, does not count';
export const limits = (join: string) => `Limits: ${join}.`;
export const writeANote = 'Write a note';
export const writeSomethingFirst = 'Write something first.';
export const saveNote = 'Save note';
export const voidThisEntry = 'Void this entry';
export const staysOnRecordCrossedOutAnd = (what: ReactNode) =>
  rich`${what} stays on record, crossed out, and no longer counts.`;
export const reason = 'Reason';
export const correctValueIfKnown = 'Correct value, if known';
export const voidEntry = 'Void entry';
export const cancel = 'Cancel';
export const history = 'History';
export const noEntriesYetLogTheFirst = 'No entries yet. Log the first reading.';
export const noEntriesMatchTheseFilters = 'No entries match these filters.';
export const showOlderEntries = 'Show older entries';
export const noMoreEntriesMatchTheseFilters = 'No more entries match these filters.';
export const entryTypes = 'Entry types';
export const searchText = 'Search text';
export const earlierBreaker = ' · earlier breaker';
export const photoOfThisBreaker = 'Photo of this breaker';
export const voided = (at: string, why: string) => `Voided ${at}: ${why}`;
export const voidLabel = (what: string, figure: string) => `Void: ${what} ${figure}`;
export const voidLabelLabel = 'Void';
export const tooHot = 'too hot';
export const fullLoadTemperatureLimitAtRoom = 'full-load temperature limit at room ambient';
