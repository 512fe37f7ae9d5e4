import { byHeaders, commandHeaders } from '../../commands/index.ts';
import { undoRedoOf } from '../../edit/index.ts';
import { implement, type Route } from '../../http/index.ts';
import { hasConfirmedEnds } from '../../outcomes/index.ts';
import { curvesOf, siteRow } from '../../record/index.ts';
import { searchSite } from '../../search/index.ts';
import { ShareLinkTable } from '../../store/index.ts';
import { wipeSite } from '../../transfer/index.ts';
import { redecideAll } from '../../recordService/index.ts';
import type { ApiContext } from '../shared/index.ts';
import { planningPage, startView } from '../../views/index.ts';

export function siteRoutes({ store, record, changes, photos }: ApiContext): Route[] {
  const step = (direction: 'undo' | 'redo') =>
    implement(`POST /sites/:id/${direction}`, {
      headers: commandHeaders,
      handle: async ({ headers, params, body }) => {
        await record.step(params.id, direction, body.edit, byHeaders(headers));
        return record.read((manager) => undoRedoOf(manager, params.id));
      },
    });
  return [
    implement('GET /sites', {
      handle: async () => ({ sites: await store.read(startView) }),
    }),
    implement('DELETE /sites/:id', {
      handle: async ({ params }) => {
        const panelIds = await store.write(async (manager) => {
          const taught = await hasConfirmedEnds(manager, params.id);
          const panels = await wipeSite(manager, params.id);
          await manager.delete(ShareLinkTable, { siteId: params.id });
          if (taught) await redecideAll(manager);
          return panels;
        });
        // The site is gone by now: pictures that cannot be removed go when the server starts next.
        await photos.sweep(store).catch(() => undefined);
        changes.announce([params.id, ...panelIds]);
        return {};
      },
    }),
    implement('GET /sites/:id/curves', {
      handle: ({ params }) => store.read(async (manager) => ({ curves: await curvesOf(manager, params.id) })),
    }),
    implement('GET /sites/:id/planning', {
      handle: ({ params }) => record.read((manager) => planningPage(manager, params.id)),
    }),
    step('undo'),
    step('redo'),
    implement('GET /sites/:id/search', {
      handle: ({ params, query }) =>
        store.read(async (manager) => {
          await siteRow(manager, params.id);
          return searchSite(manager, params.id, query);
        }),
    }),
  ];
}
