import { z } from 'zod';
import { serverClock } from '../record/clocks/index.ts';
import { backupState, settings } from '../record/settings/index.ts';
import { endpoint } from './endpoint.ts';

/** The server itself: its settings, its clock, its record’s file. */
export const SERVER_ENDPOINTS = {
  'GET /clock': endpoint({
    tag: 'settings',
    summary: 'Server time, and the time of the newest change on record',
    answer: serverClock,
  }),
  'GET /settings': endpoint({
    tag: 'settings',
    summary: 'Units and formats, decision policies, and whether confirmed cases count',
    answer: settings,
  }),
  'PATCH /settings': endpoint({
    tag: 'settings',
    summary: 'Change settings; a changed policy or learning setting re-evaluates every breaker',
    body: settings.partial().strict(),
    answer: settings,
  }),
  'GET /backups': endpoint({
    tag: 'record',
    summary: 'Daily backups kept by the server',
    answer: backupState,
  }),
  'POST /backups': endpoint({
    tag: 'record',
    summary: 'Make today’s backup now, if there is none yet',
    body: z.strictObject({}),
    answer: backupState,
  }),
  'POST /record/check': endpoint({
    tag: 'record',
    summary: 'Check the whole database file',
    body: z.strictObject({}),
    answer: z.object({ sound: z.boolean(), problems: z.array(z.string()) }),
  }),
  'GET /health': endpoint({
    tag: 'server',
    summary: 'Whether the server is up and the database can be written',
    answer: z.object({ status: z.literal('ok') }),
  }),
};
