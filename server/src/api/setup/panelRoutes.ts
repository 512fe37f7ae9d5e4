import { board } from '@phylaxon/core/views/board';
import { soakPlan, soakPlanOutput } from '@phylaxon/core/diagnosis/soak';
import { legsView } from '@phylaxon/core/views/legs';
import { z } from 'zod';
import { route, type Route } from '../../http/index.ts';
import { panelRow } from '../../record/index.ts';
import { panelEvidence } from '../../recordService/index.ts';
import { type ApiContext, byId } from '../shared/index.ts';
import { boardView, legsPage } from '../../views/index.ts';

export function panelRoutes({ record, changes }: ApiContext): Route[] {
  return [
    route({
      method: 'get',
      path: '/panels/:id',
      tag: 'panels',
      summary: 'A panel as it hangs, with the decision about every breaker',
      params: byId,
      status: 200,
      answer: board,
      handle: ({ params }) => record.read((manager) => boardView(manager, params.id)),
    }),
    route({
      method: 'get',
      path: '/panels/:id/legs',
      tag: 'panels',
      summary: 'What each circuit carries on which leg, by the state of the load and by hour',
      params: byId,
      status: 200,
      answer: legsView,
      handle: ({ params }) => record.read((manager) => legsPage(manager, params.id)),
    }),
    route({
      method: 'get',
      path: '/panels/:id/soak',
      tag: 'panels',
      summary:
        'How to put a panel under load before a scan: what to switch on, how long to wait, where to scan',
      params: byId,
      status: 200,
      answer: soakPlanOutput,
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
      summary:
        'An event “changed” each time anything in the panel, or in the drawing of its site, has changed',
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
