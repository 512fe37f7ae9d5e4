import { z } from 'zod';
import { implement, Download, type Route } from '../../http/index.ts';
import { upkeepCalendar } from '../../reports/index.ts';
import { dueView, inspectionPage, siteUpkeep, upkeepPage } from '../../views/index.ts';
import { address, byId, fileName, inZone, type ApiContext } from '../shared/index.ts';

const at = inZone.extend({ address });

/** What is kept up: when it is due, and as a calendar that others subscribe to. */
export function upkeepRoutes({ record }: ApiContext): Route[] {
  return [
    implement('GET /due', {
      handle: ({ query }) => record.read((manager) => dueView(manager, query.zone)),
    }),
    implement('GET /panels/:id/inspection', {
      handle: ({ params }) => record.read((manager) => inspectionPage(manager, params.id)),
    }),
    implement('GET /panels/:id/upkeep', {
      handle: ({ params, query }) => record.read((manager) => upkeepPage(manager, params.id, query.zone)),
    }),
    {
      method: 'get',
      path: '/sites/:id/upkeep.ics',
      tag: 'sites',
      summary: 'Maintenance due at a site, as a calendar file or subscription',
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
