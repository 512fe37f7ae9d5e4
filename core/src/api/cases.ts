import { z } from 'zod';
import { caseRecord, caseSummary, suspect } from '../diagnosis/cases/index.ts';
import { id } from '../record/entities/index.ts';
import { byId } from '../commands/index.ts';
import { endpoint } from './endpoint.ts';
import { job } from './inputs.ts';

/** Complaints followed to their end. */
export const CASE_ENDPOINTS = {
  'GET /cases': endpoint({
    tag: 'cases',
    summary: 'Open cases at all sites, newest first',
    answer: z.object({ cases: z.array(caseSummary) }),
  }),
  'GET /sites/:id/cases': endpoint({
    tag: 'cases',
    summary: 'Summary of a site’s cases, newest first',
    params: byId,
    answer: z.object({ cases: z.array(caseSummary) }),
  }),
  'GET /sites/:id/suspects': endpoint({
    tag: 'cases',
    summary: 'Every breaker at a site, with the data used to find the right one',
    params: byId,
    answer: z.object({ suspects: z.array(suspect) }),
  }),
  'GET /cases/:id': endpoint({
    tag: 'cases',
    summary: 'A case with all of its evidence',
    params: byId,
    answer: caseRecord,
  }),
  'POST /handovers': endpoint({
    tag: 'cases',
    summary: 'Import a handed-over case with its panel and evidence, as a whole or not at all',
    query: z.object({ job }),
    answer: z.object({ caseId: id }),
    status: 201,
  }),
};
