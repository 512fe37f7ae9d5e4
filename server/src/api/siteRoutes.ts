import { siteSummary, steps } from '@phylaxon/core/views/board';
import { curve, curveInput, id, site, siteChange, siteInput } from '@phylaxon/core/record/entities';
import { searchQuery, searchResult } from '@phylaxon/core/views/search';
import { z } from 'zod';
import { stepsOf } from '../edit/index.ts';
import { route, type Route } from '../http/index.ts';
import { hasConfirmedEnds } from '../outcomes/index.ts';
import { addSite, changeSite, curvesOf, removeCurve, setCurve, siteRow } from '../record/index.ts';
import { searchSite } from '../search/index.ts';
import { wipeSite } from '../transfer/index.ts';
import { redecideAll } from '../recordService/index.ts';
import type { Context } from './context.ts';
import { byId, nothing } from './shapes.ts';
import { startView } from './views.ts';

export function siteRoutes({ store, record, changes, photos }: Context): Route[] {
  const step = (direction: 'undo' | 'redo', summary: string) =>
    route({
      method: 'post',
      path: `/sites/:id/${direction}`,
      tag: 'sites',
      summary,
      params: byId,
      body: z.strictObject({ edit: id }),
      status: 200,
      answer: steps,
      handle: async ({ params, body }) => {
        await record.step(params.id, direction, body.edit);
        return record.read((manager) => stepsOf(manager, params.id));
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
      body: siteChange,
      status: 200,
      answer: site,
      handle: ({ params, body }) =>
        record.change(async (edit) => ({
          label: 'Changed the site’s name or note',
          siteId: params.id,
          result: await changeSite(edit, params.id, body),
        })),
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
        await photos.sweep(store);
        changes.announce(params.id, ...panelIds);
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
      method: 'put',
      path: '/sites/:id/curves',
      tag: 'sites',
      summary: 'Set the printed trip curve of a part family',
      params: byId,
      body: curveInput,
      status: 200,
      answer: curve,
      handle: ({ params, body }) =>
        record.change(async (edit) => ({
          label: `Set the trip curve of ${body.family}`,
          siteId: params.id,
          result: await setCurve(edit, params.id, body),
        })),
    }),
    route({
      method: 'delete',
      path: '/curves/:id',
      tag: 'sites',
      summary: 'Take a family’s trip curve away: its breakers go by the standard again',
      params: byId,
      status: 200,
      answer: curve,
      handle: ({ params }) =>
        record.change(async (edit) => {
          const row = await removeCurve(edit, params.id);
          return { label: `Removed the trip curve of ${row.family}`, siteId: row.siteId, result: row };
        }),
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
