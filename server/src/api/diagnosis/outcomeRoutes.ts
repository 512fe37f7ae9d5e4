import { outcomes } from '@phylaxon/core/diagnosis/outcomes';
import { route, type Route } from '../../http/index.ts';
import { outcomesAt, outcomesEverywhere } from '../../outcomes/index.ts';
import { type ApiContext, byId } from '../shared/index.ts';

export function outcomeRoutes({ record }: ApiContext): Route[] {
  return [
    route({
      method: 'get',
      path: '/outcomes',
      tag: 'outcomes',
      summary: 'How often the decisions of closed cases were right, at all sites, and what their ends teach',
      status: 200,
      answer: outcomes,
      handle: () => record.read(outcomesEverywhere),
    }),
    route({
      method: 'get',
      path: '/sites/:id/outcomes',
      tag: 'outcomes',
      summary: 'How often the decisions of a site’s closed cases were right',
      params: byId,
      status: 200,
      answer: outcomes,
      handle: ({ params }) => record.read((manager) => outcomesAt(manager, params.id)),
    }),
  ];
}
