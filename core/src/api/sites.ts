import { z } from 'zod';
import { outcomes } from '../diagnosis/outcomes/index.ts';
import { curve, id } from '../record/entities/index.ts';
import { siteSummary, steps } from '../views/board/index.ts';
import { planning } from '../views/planning/index.ts';
import { searchQuery, searchResult } from '../views/search/index.ts';
import { byId } from '../commands/index.ts';
import { endpoint } from './endpoint.ts';

const step = { tag: 'sites', params: byId, body: z.strictObject({ edit: id }), answer: steps };

/** What is asked of one site, or of all. */
export const SITE_ENDPOINTS = {
  'GET /sites': endpoint({
    tag: 'sites',
    summary: 'Every site with its panels and what needs attention',
    answer: z.object({ sites: z.array(siteSummary) }),
  }),
  'DELETE /sites/:id': endpoint({
    tag: 'sites',
    summary: 'Delete a site and its whole record; this cannot be undone',
    params: byId,
    answer: z.object({}),
  }),
  'GET /sites/:id/curves': endpoint({
    tag: 'sites',
    summary: 'Printed trip curves of the breaker families at a site',
    params: byId,
    answer: z.object({ curves: z.array(curve) }),
  }),
  'GET /sites/:id/planning': endpoint({
    tag: 'sites',
    summary: 'Data for planning at a site: circuits, recordings and earlier proposals',
    params: byId,
    answer: planning,
  }),
  'GET /sites/:id/search': endpoint({
    tag: 'sites',
    summary: 'Search a site’s breakers and entries by words, types and times',
    params: byId,
    query: searchQuery,
    answer: searchResult,
  }),
  'GET /outcomes': endpoint({
    tag: 'outcomes',
    summary:
      'How often the decisions in closed cases were right, at all sites, and what confirmed cases change',
    answer: outcomes,
  }),
  'GET /sites/:id/outcomes': endpoint({
    tag: 'outcomes',
    summary: 'How often the decisions in a site’s closed cases were right',
    params: byId,
    answer: outcomes,
  }),
  'POST /sites/:id/undo': endpoint({ ...step, summary: 'Undo the newest edit of a site' }),
  'POST /sites/:id/redo': endpoint({ ...step, summary: 'Redo the edit that was undone last' }),
};
