import { soakPlan } from '@phylaxon/core/diagnosis/soak';
import { z } from 'zod';
import { implement, type Route } from '../../http/index.ts';
import { panelRow } from '../../record/index.ts';
import { panelEvidence } from '../../recordService/index.ts';
import { type ApiContext, byId } from '../shared/index.ts';
import { boardView, legsPage } from '../../views/index.ts';

export function panelRoutes({ record, changes }: ApiContext): Route[] {
  return [
    implement('GET /panels/:id', {
      handle: ({ params }) => record.read((manager) => boardView(manager, params.id)),
    }),
    implement('GET /panels/:id/legs', {
      handle: ({ params }) => record.read((manager) => legsPage(manager, params.id)),
    }),
    implement('GET /panels/:id/soak', {
      handle: ({ params }) =>
        record.read(async (manager) => {
          const panel = await panelRow(manager, params.id);
          const { records } = await panelEvidence(manager, panel);
          const main = records.find(({ breaker }) => breaker.role === 'main');
          return soakPlan(records, main?.breaker.ratingAmps ?? panel.busAmps);
        }),
    }),
    {
      method: 'get',
      path: '/panels/:id/changes',
      tag: 'panels',
      summary: 'Event “changed” after every change in the panel or its site',
      params: byId,
      status: 200,
      answer: z.string(),
      handle: () => undefined,
      stream: async ({ params }, send) => {
        const { id } = params as z.output<typeof byId>;
        const { siteId } = await record.read((manager) => panelRow(manager, id));
        return changes.watch([id, siteId], (told) => send('changed', told));
      },
    },
  ];
}
