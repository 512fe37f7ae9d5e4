import { addPhoto } from './addPhoto.ts';
import type { Command } from './command/index.ts';
import * as breakers from './drawBreaker.ts';
import * as panels from './drawPanel.ts';
import * as sites from './drawSite.ts';
import { logEvent } from './logEvent.ts';
import { logInspection } from './logInspection.ts';
import { logObservation } from './logObservation.ts';
import { logPanelEntry } from './logPanelEntry.ts';
import { logReadings } from './logReadings.ts';
import { logTogether } from './logTogether.ts';
import { strikeEntry } from './strikeEntry.ts';
import * as cases from './workCase.ts';
import { writeNote } from './writeNote.ts';

const ALL = [
  ...Object.values(sites),
  ...Object.values(panels),
  ...Object.values(breakers),
  logReadings,
  logEvent,
  logObservation,
  logInspection,
  logPanelEntry,
  logTogether,
  writeNote,
  addPhoto,
  ...Object.values(strikeEntry),
  ...Object.values(cases),
] as unknown as Command[];

/** Everything that can be done to the record, by its name. */
export const COMMANDS: ReadonlyMap<string, Command> = new Map(ALL.map((one) => [one.id, one]));
