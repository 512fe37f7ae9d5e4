import { policies } from '@phylaxon/core/record/settings';
import { newestEditAt } from '../../edit/index.ts';
import { implement, type Route } from '../../http/index.ts';
import { readSettings, writeSettings } from '../../settings/index.ts';
import { redecideAll } from '../../recordService/index.ts';
import type { ApiContext } from '../shared/index.ts';

export function settingsRoutes({ store, changes }: ApiContext): Route[] {
  return [
    implement('GET /clock', {
      handle: async () => ({
        now: new Date().toISOString(),
        newest: await store.read(newestEditAt),
      }),
    }),
    implement('GET /settings', {
      handle: () => store.read(readSettings),
    }),
    implement('PATCH /settings', {
      handle: async ({ body }) => {
        const now = await store.write(async (manager) => {
          const before = await readSettings(manager);
          const after = await writeSettings(manager, body);
          const names = [
            ...(Object.keys(policies.shape) as (keyof typeof policies.shape)[]),
            'learn' as const,
          ];
          if (names.some((name) => before[name] !== after[name])) await redecideAll(manager);
          return after;
        });
        // Boards, details and open cases are shown and decided by them.
        changes.announceAll();
        return now;
      },
    }),
  ];
}
