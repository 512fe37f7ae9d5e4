import { serverClock } from '@phylaxon/core/record/clocks';
import { policies, settings } from '@phylaxon/core/record/settings';
import { newestEditAt } from '../../edit/index.ts';
import { route, type Route } from '../../http/index.ts';
import { readSettings, writeSettings } from '../../settings/index.ts';
import { redecideAll } from '../../recordService/index.ts';
import type { ApiContext } from '../shared/index.ts';

const change = settings.partial().strict();

export function settingsRoutes({ store, changes }: ApiContext): Route[] {
  return [
    route({
      method: 'get',
      path: '/clock',
      tag: 'settings',
      summary: 'The server’s clock, and when the newest change on record was made',
      status: 200,
      answer: serverClock,
      handle: async () => ({
        now: new Date().toISOString(),
        newest: await store.read(newestEditAt),
      }),
    }),
    route({
      method: 'get',
      path: '/settings',
      tag: 'settings',
      summary: 'How figures are shown, the policies by which is decided, and whether earlier cases teach',
      status: 200,
      answer: settings,
      handle: () => store.read(readSettings),
    }),
    route({
      method: 'patch',
      path: '/settings',
      tag: 'settings',
      summary: 'Change settings; another policy, or turning learning on or off, re-evaluates every breaker',
      body: change,
      status: 200,
      answer: settings,
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
