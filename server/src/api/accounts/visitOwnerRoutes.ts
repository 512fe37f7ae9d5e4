import type { Access } from '../../accounts/index.ts';
import { implement, type Route } from '../../http/index.ts';
import { visitPage } from '../../views/index.ts';
import type { ApiContext } from '../shared/index.ts';

/** Who works on a visit, and taking it over. */
export function visitOwnerRoutes({ store, changes }: ApiContext, { visits }: Access): Route[] {
  return [
    implement('GET /visits/:id/owner', {
      handle: async ({ params, asker }) => {
        await store.read((manager) => visitPage(manager, params.id));
        const owner = await visits.of(params.id);
        return { name: owner?.name ?? null, isYou: owner !== null && owner.id === asker?.id };
      },
    }),
    implement('POST /visits/:id/owner', {
      handle: async ({ params, asker }) => {
        const { site, panel } = await store.read((manager) => visitPage(manager, params.id));
        if (asker) await visits.take(params.id, asker.id);
        // Whoever worked on it until now sees it at once.
        changes.announce([site.id, panel.id]);
        return { name: asker?.name ?? null, isYou: asker !== null };
      },
    }),
  ];
}
