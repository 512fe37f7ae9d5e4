import { z } from 'zod';
import { board } from '../views/board/index.ts';
import { legsView } from '../views/legs/index.ts';
import { panelReviewView } from '../views/panelReview/index.ts';
import { dueAnywhere, upkeepView } from '../views/upkeep/index.ts';
import { soakPlanOutput } from '../diagnosis/soak/index.ts';
import { ATTACHMENT_KINDS, PANEL_ENTRY_NAMES, panelLog, sha256 } from '../record/panelEntries/index.ts';
import { byId } from '../commands/index.ts';
import { endpoint } from './endpoint.ts';
import { inZone, job } from './inputs.ts';

/** What is asked of one panel. */
export const PANEL_ENDPOINTS = {
  'GET /panels/:id': endpoint({
    tag: 'panels',
    summary: 'A panel as it hangs, with the decision about every breaker',
    params: byId,
    answer: board,
  }),
  'GET /panels/:id/legs': endpoint({
    tag: 'panels',
    summary: 'What each circuit carries on which leg, by the state of the load and by hour',
    params: byId,
    answer: legsView,
  }),
  'GET /panels/:id/soak': endpoint({
    tag: 'panels',
    summary:
      'How to put a panel under load before a scan: what to switch on, how long to wait, where to scan',
    params: byId,
    answer: soakPlanOutput,
  }),
  'GET /panels/:id/review': endpoint({
    tag: 'panels',
    summary: 'Whether a panel as a whole is failing, by all that is on record of it',
    params: byId,
    answer: panelReviewView,
  }),
  'GET /panels/:id/entries': endpoint({
    tag: 'log',
    summary: 'What is logged of a panel as a whole, newest first',
    params: byId,
    query: z.object({ kind: z.enum(PANEL_ENTRY_NAMES).optional() }),
    answer: panelLog,
  }),
  'POST /attachments': endpoint({
    tag: 'log',
    summary:
      'Keep what is to lie beside an entry: a recording or a temperature picture packed by gzip, or a photo; an entry names it by its SHA-256',
    query: z.object({ kind: z.enum(ATTACHMENT_KINDS), job }),
    answer: z.object({ sha256, bytes: z.int() }),
    status: 201,
  }),
  'GET /due': endpoint({
    tag: 'sites',
    summary:
      'What there is to do anywhere without anything being wrong: rounds that are due, what nears its limit',
    query: inZone,
    answer: dueAnywhere,
  }),
  'GET /panels/:id/upkeep': endpoint({
    tag: 'panels',
    summary: 'What is kept up at a panel, when each is due, and the rounds that were made',
    params: byId,
    query: inZone,
    answer: upkeepView,
  }),
};
