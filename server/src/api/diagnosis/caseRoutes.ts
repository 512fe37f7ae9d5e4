import { z } from 'zod';
import { caseRecordOf, openSummaries, summariesOf, suspectsOf } from '../../cases/index.ts';
import { implement, type Route } from '../../http/index.ts';
import { caseRow } from '../../record/index.ts';
import { type ApiContext, byId } from '../shared/index.ts';

export function caseRoutes({ record, changes }: ApiContext): Route[] {
  return [
    implement('GET /cases', {
      handle: async () => ({ cases: await record.read(openSummaries) }),
    }),
    implement('GET /sites/:id/cases', {
      handle: async ({ params }) => ({
        cases: await record.read((manager) => summariesOf(manager, params.id)),
      }),
    }),
    implement('GET /sites/:id/suspects', {
      handle: async ({ params }) => ({
        suspects: await record.read((manager) => suspectsOf(manager, params.id)),
      }),
    }),
    implement('GET /cases/:id', {
      handle: ({ params }) => record.read((manager) => caseRecordOf(manager, params.id)),
    }),
    {
      method: 'get',
      path: '/cases/:id/changes',
      tag: 'cases',
      summary: 'Server-sent events: “changed” after every change at the case’s site',
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
