import { caseRecord, caseSummary, suspect } from '@phylaxon/core/diagnosis/cases';
import { z } from 'zod';
import { caseRecordOf, openSummaries, summariesOf, suspectsOf } from '../../cases/index.ts';
import { route, type Route } from '../../http/index.ts';
import { caseRow } from '../../record/index.ts';
import { type ApiContext, byId } from '../shared/index.ts';

export function caseRoutes({ record, changes }: ApiContext): Route[] {
  return [
    route({
      method: 'get',
      path: '/cases',
      tag: 'cases',
      summary: 'Cases that are open, at any site, the newest first',
      status: 200,
      answer: z.object({ cases: z.array(caseSummary) }),
      handle: async () => ({ cases: await record.read(openSummaries) }),
    }),
    route({
      method: 'get',
      path: '/sites/:id/cases',
      tag: 'cases',
      summary: 'A site’s cases in short, the newest first',
      params: byId,
      status: 200,
      answer: z.object({ cases: z.array(caseSummary) }),
      handle: async ({ params }) => ({
        cases: await record.read((manager) => summariesOf(manager, params.id)),
      }),
    }),
    route({
      method: 'get',
      path: '/sites/:id/suspects',
      tag: 'cases',
      summary: 'Every breaker at a site, with what a search for the right one looks at',
      params: byId,
      status: 200,
      answer: z.object({ suspects: z.array(suspect) }),
      handle: async ({ params }) => ({
        suspects: await record.read((manager) => suspectsOf(manager, params.id)),
      }),
    }),
    route({
      method: 'get',
      path: '/cases/:id',
      tag: 'cases',
      summary: 'A case with everything it stands on',
      params: byId,
      status: 200,
      answer: caseRecord,
      handle: ({ params }) => record.read((manager) => caseRecordOf(manager, params.id)),
    }),
    {
      method: 'get',
      path: '/cases/:id/changes',
      tag: 'cases',
      summary: 'Server-sent events: “changed” whenever something at the case’s site was changed',
      params: byId,
      status: 200,
      answer: z.string(),
      handle: () => undefined,
      stream: async ({ params }, send) => {
        const { id: caseId } = params as z.output<typeof byId>;
        const { siteId } = await record.read((manager) => caseRow(manager, caseId));
        return changes.watch([siteId], (told) => send('changed', told));
      },
    },
  ];
}
