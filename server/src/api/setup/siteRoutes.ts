import { siteSummary, steps } from '@phylaxon/core/views/board';
import { curve, id } from '@phylaxon/core/record/entities';
import { planning } from '@phylaxon/core/views/planning';
import { searchQuery, searchResult } from '@phylaxon/core/views/search';
import { z } from 'zod';
import { byHeaders, commandHeaders } from '../../commands/index.ts';
import { undoRedoOf } from '../../edit/index.ts';
import { route, type Route } from '../../http/index.ts';
import { hasConfirmedEnds } from '../../outcomes/index.ts';
import { curvesOf, siteRow } from '../../record/index.ts';
import { searchSite } from '../../search/index.ts';
import { wipeSite } from '../../transfer/index.ts';
import { redecideAll } from '../../recordService/index.ts';
import { type ApiContext, byId, nothing } from '../shared/index.ts';
import { planningPage, startView } from '../../views/index.ts';

export function siteRoutes({ store, record, changes, photos }: ApiContext): Route[] {
  const step = (direction: 'undo' | 'redo', summary: string) =>
    route({
      method: 'post',
      path: `/sites/:id/${direction}`,
      tag: 'sites',
      summary,
      headers: commandHeaders,
      params: byId,
      body: z.strictObject({ edit: id }),
      status: 200,
      answer: steps,
      handle: async ({ headers, params, body }) => {
        await record.step(params.id, direction, body.edit, byHeaders(headers));
        return record.read((manager) => undoRedoOf(manager, params.id));
      },
    });
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
      method: 'delete',
      path: '/sites/:id',
      tag: 'sites',
      summary: 'Wipe a site with all that is on record of it; this cannot be undone',
      params: byId,
      status: 200,
      answer: nothing,
      handle: async ({ params }) => {
        const panelIds = await store.write(async (manager) => {
          const taught = await hasConfirmedEnds(manager, params.id);
          const panels = await wipeSite(manager, params.id);
          if (taught) await redecideAll(manager);
          return panels;
        });
        // The site is gone by now: pictures that cannot be removed go when the server starts next.
        await photos.sweep(store).catch(() => undefined);
        changes.announce([params.id, ...panelIds]);
        return {};
      },
    }),
    route({
      method: 'get',
      path: '/sites/:id/curves',
      tag: 'sites',
      summary: 'The printed trip curves of its part families',
      params: byId,
      status: 200,
      answer: z.object({ curves: z.array(curve) }),
      handle: ({ params }) => store.read(async (manager) => ({ curves: await curvesOf(manager, params.id) })),
    }),
    route({
      method: 'get',
      path: '/sites/:id/planning',
      tag: 'sites',
      summary:
        'All that planning at a site looks at: what is drawn, what a logger saw, what was planned before',
      params: byId,
      status: 200,
      answer: planning,
      handle: ({ params }) => record.read((manager) => planningPage(manager, params.id)),
    }),
    step('undo', 'Take back the newest edit of a site'),
    step('redo', 'Do again the edit that was taken back last'),
    route({
      method: 'get',
      path: '/sites/:id/search',
      tag: 'sites',
      summary: 'Find breakers and entries of a site by words, kinds and times',
      params: byId,
      query: searchQuery,
      status: 200,
      answer: searchResult,
      handle: ({ params, query }) =>
        store.read(async (manager) => {
          await siteRow(manager, params.id);
          return searchSite(manager, params.id, query);
        }),
    }),
  ];
}
