import { addPhotoCommand } from './addPhoto.ts';
import type { Command } from './command/index.ts';
import * as breakers from './drawBreaker.ts';
import * as panels from './drawPanel.ts';
import * as sites from './drawSite.ts';
import { logEventCommand } from './logEvent.ts';
import { logInspectionCommand } from './logInspection.ts';
import { logObservationCommand } from './logObservation.ts';
import { logPanelEntryCommand } from './logPanelEntry.ts';
import { logReadingsCommand } from './logReadings.ts';
import { logTogetherCommand } from './logTogether.ts';
import { voidEntryCommands } from './strikeEntry.ts';
import * as cases from './workCase.ts';
import { writeNoteCommand } from './writeNote.ts';

const ALL = [
  ...Object.values(sites),
  ...Object.values(panels),
  ...Object.values(breakers),
  logReadingsCommand,
  logEventCommand,
  logObservationCommand,
  logInspectionCommand,
  logPanelEntryCommand,
  logTogetherCommand,
  writeNoteCommand,
  addPhotoCommand,
  ...Object.values(voidEntryCommands),
  ...Object.values(cases),
] as unknown as Command[];

/** Everything that can be done to the record, by its name. */
export const COMMANDS: ReadonlyMap<string, Command> = new Map(ALL.map((one) => [one.id, one]));
