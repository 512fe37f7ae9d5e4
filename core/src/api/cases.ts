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
    summary: 'Cases that are open, at any site, the newest first',
    answer: z.object({ cases: z.array(caseSummary) }),
  }),
  'GET /sites/:id/cases': endpoint({
    tag: 'cases',
    summary: 'A site’s cases in short, the newest first',
    params: byId,
    answer: z.object({ cases: z.array(caseSummary) }),
  }),
  'GET /sites/:id/suspects': endpoint({
    tag: 'cases',
    summary: 'Every breaker at a site, with what a search for the right one looks at',
    params: byId,
    answer: z.object({ suspects: z.array(suspect) }),
  }),
  'GET /cases/:id': endpoint({
    tag: 'cases',
    summary: 'A case with everything it stands on',
    params: byId,
    answer: caseRecord,
  }),
  'POST /handovers': endpoint({
    tag: 'cases',
    summary: 'Take a handed-over case in, with its panel and its evidence, whole or not at all',
    query: z.object({ job }),
    answer: z.object({ caseId: id }),
    status: 201,
  }),
};
