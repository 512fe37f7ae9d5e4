import { z } from 'zod';
import { board } from '../views/board/index.ts';
import { legsView } from '../views/legs/index.ts';
import { panelReviewView } from '../views/panelReview/index.ts';
import { inspectionView } from '../views/inspection/index.ts';
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
    summary: 'A panel with its breakers and the decision about each one',
    params: byId,
    answer: board,
  }),
  'GET /panels/:id/legs': endpoint({
    tag: 'panels',
    summary: 'Current of each circuit by leg, load state and hour',
    params: byId,
    answer: legsView,
  }),
  'GET /panels/:id/soak': endpoint({
    tag: 'panels',
    summary: 'Load test plan before a scan: what to turn on, how long to wait, where to scan',
    params: byId,
    answer: soakPlanOutput,
  }),
  'GET /panels/:id/review': endpoint({
    tag: 'panels',
    summary: 'Panel evaluation: whether the panel as a whole is failing, based on its record',
    params: byId,
    answer: panelReviewView,
  }),
  'GET /panels/:id/entries': endpoint({
    tag: 'log',
    summary: 'Log entries about a panel as a whole, newest first',
    params: byId,
    query: z.object({ kind: z.enum(PANEL_ENTRY_NAMES).optional() }),
    answer: panelLog,
  }),
  'POST /attachments': endpoint({
    tag: 'log',
    summary:
      'Store an attachment for an entry: a gzip-compressed recording or temperature image, or a photo; entries refer to it by its SHA-256',
    query: z.object({ kind: z.enum(ATTACHMENT_KINDS), job }),
    answer: z.object({ sha256, bytes: z.int() }),
    status: 201,
  }),
  'GET /due': endpoint({
    tag: 'sites',
    summary: 'Preventive work at all sites: maintenance that is due, and breakers near a limit',
    query: inZone,
    answer: dueAnywhere,
  }),
  'GET /panels/:id/inspection': endpoint({
    tag: 'panels',
    summary: 'Inspections of a panel, and the latest result of each inspection item',
    params: byId,
    answer: inspectionView,
  }),
  'GET /panels/:id/upkeep': endpoint({
    tag: 'panels',
    summary: 'Maintenance tasks of a panel, their due dates, and completed maintenance',
    params: byId,
    query: inZone,
    answer: upkeepView,
  }),
};
