import type { Route } from '../http/index.ts';
import { servePhoto } from './addPhoto.ts';
import { serveBreakers } from './drawBreaker.ts';
import { servePanels } from './drawPanel.ts';
import { serveSites } from './drawSite.ts';
import { serveEvent } from './logEvent.ts';
import { serveInspection } from './logInspection.ts';
import { serveObservation } from './logObservation.ts';
import { servePanelEntry } from './logPanelEntry.ts';
import { serveReadings } from './logReadings.ts';
import { serveTogether } from './logTogether.ts';
import type { CommandContext, ServedCommand } from './serve.ts';
import { serveStrikes } from './strikeEntry.ts';
import { serveCases } from './workCase.ts';
import { serveNote } from './writeNote.ts';

const SERVED: readonly ServedCommand[] = [
  ...serveSites,
  ...servePanels,
  ...serveBreakers,
  serveReadings,
  serveEvent,
  serveObservation,
  serveInspection,
  servePanelEntry,
  serveTogether,
  serveNote,
  servePhoto,
  ...serveStrikes,
  ...serveCases,
];

/** The routes by which the record is changed: one for each command of core. */
export const commandRoutes = (context: CommandContext): Route[] => SERVED.map((served) => served(context));

export { byHeaders, commandHeaders } from './serve.ts';
