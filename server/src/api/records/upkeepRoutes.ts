import { dueAnywhere, upkeepView } from '@phylaxon/core/views/upkeep';
import { z } from 'zod';
import { Download, route, type Route } from '../../http/index.ts';
import { upkeepCalendar } from '../../reports/index.ts';
import { dueView, siteUpkeep, upkeepPage } from '../../views/index.ts';
import { address, byId, fileName, inZone, type ApiContext } from '../shared/index.ts';

const at = inZone.extend({ address });

/** What is kept up: when it is due, and as a calendar that others subscribe to. */
export function upkeepRoutes({ record }: ApiContext): Route[] {
  return [
    route({
      method: 'get',
      path: '/due',
      tag: 'sites',
      summary:
        'What there is to do anywhere without anything being wrong: rounds that are due, what nears its limit',
      query: inZone,
      status: 200,
      answer: dueAnywhere,
      handle: ({ query }) => record.read((manager) => dueView(manager, query.zone)),
    }),
    route({
      method: 'get',
      path: '/panels/:id/upkeep',
      tag: 'panels',
      summary: 'What is kept up at a panel, when each is due, and the rounds that were made',
      params: byId,
      query: inZone,
      status: 200,
      answer: upkeepView,
      handle: ({ params, query }) => record.read((manager) => upkeepPage(manager, params.id, query.zone)),
    }),
    {
      method: 'get',
      path: '/sites/:id/upkeep.ics',
      tag: 'sites',
      summary: 'What is due at a site, as a calendar: a file, or an address to subscribe to',
      params: byId,
      query: at,
      status: 200,
      answer: z.string(),
      file: 'text/calendar',
      handle: async ({ params, query }) => {
        const { address: origin = '', zone } = query as z.output<typeof at>;
        const { id } = params as z.output<typeof byId>;
        const due = await record.read((manager) => siteUpkeep(manager, id, zone));
        return new Download(
          'text/calendar',
          upkeepCalendar(due, origin, due.site.zone ?? zone),
          `${fileName(due.site.name)}-upkeep.ics`,
        );
      },
    },
  ];
}
