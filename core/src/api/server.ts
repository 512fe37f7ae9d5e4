import { z } from 'zod';
import { serverClock } from '../record/clocks/index.ts';
import { backupState, settings } from '../record/settings/index.ts';
import { endpoint } from './endpoint.ts';

/** The server itself: its settings, its clock, its record’s file. */
export const SERVER_ENDPOINTS = {
  'GET /clock': endpoint({
    tag: 'settings',
    summary: 'The server’s clock, and when the newest change on record was made',
    answer: serverClock,
  }),
  'GET /settings': endpoint({
    tag: 'settings',
    summary: 'How figures are shown, the policies by which is decided, and whether earlier cases teach',
    answer: settings,
  }),
  'PATCH /settings': endpoint({
    tag: 'settings',
    summary: 'Change settings; another policy, or turning learning on or off, re-evaluates every breaker',
    body: settings.partial().strict(),
    answer: settings,
  }),
  'GET /backups': endpoint({
    tag: 'record',
    summary: 'The daily copies the server keeps of its record',
    answer: backupState,
  }),
  'POST /backups': endpoint({
    tag: 'record',
    summary: 'Make today’s copy now, if it is not there yet',
    body: z.strictObject({}),
    answer: backupState,
  }),
  'POST /record/check': endpoint({
    tag: 'record',
    summary: 'Look through the record’s whole file',
    body: z.strictObject({}),
    answer: z.object({ sound: z.boolean(), problems: z.array(z.string()) }),
  }),
  'GET /health': endpoint({
    tag: 'server',
    summary: 'Whether the server can serve, and its record be written',
    answer: z.object({ status: z.literal('ok') }),
  }),
};
