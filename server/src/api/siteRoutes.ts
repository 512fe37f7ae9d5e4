import { siteSummary } from '@phylaxon/core/board';
import { site, siteInput } from '@phylaxon/core/record';
import { z } from 'zod';
import { route, type Route } from '../http/index.ts';
import { addSite, changeSite } from '../record/index.ts';
import type { Store } from '../store/index.ts';
import { byId } from './shapes.ts';
import { startView } from './views.ts';

export function siteRoutes(store: Store): Route[] {
  return [
    route({
      method: 'get',
      path: '/sites',
      tag: 'sites',
      summary: 'Every site with its panels and what needs attention',
      status: 200,
      answer: z.object({ sites: z.array(siteSummary) }),
      handle: async () => ({ sites: await store.read(startView) }),
    }),
    route({
      method: 'post',
      path: '/sites',
      tag: 'sites',
      summary: 'Add a site',
      body: siteInput,
      status: 201,
      answer: site,
      handle: ({ body }) => store.write((manager) => addSite(manager, body)),
    }),
    route({
      method: 'put',
      path: '/sites/:id',
      tag: 'sites',
      summary: 'Change a site',
      params: byId,
      body: siteInput,
      status: 200,
      answer: site,
      handle: ({ params, body }) => store.write((manager) => changeSite(manager, params.id, body)),
    }),
  ];
}
