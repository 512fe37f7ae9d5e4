import { report } from '../views/report/index.ts';
import { siteVisits, visitWithPermit } from '../views/visit/index.ts';
import { byId } from '../commands/index.ts';
import { endpoint } from './endpoint.ts';
import { inZone } from './inputs.ts';

const reportOn = (tag: string, words: string) =>
  endpoint({
    tag,
    summary: `Report on ${words}: findings by urgency, completed work, work that is due, and what was not inspected`,
    params: byId,
    query: inZone,
    answer: report,
  });

/** Visits, and reports on what was found. */
export const VISIT_ENDPOINTS = {
  'GET /sites/:id/visits': endpoint({
    tag: 'visits',
    summary: 'Visits of a site, newest first, and how long they usually take there',
    params: byId,
    answer: siteVisits,
  }),
  'GET /visits/:id': endpoint({
    tag: 'visits',
    summary: 'A visit with all of its steps',
    params: byId,
    answer: visitWithPermit,
  }),
  'GET /panels/:id/report': reportOn('panels', 'a panel'),
  'GET /sites/:id/report': reportOn('sites', 'all panels of a site'),
  'GET /visits/:id/report': reportOn('visits', 'a visit'),
};
