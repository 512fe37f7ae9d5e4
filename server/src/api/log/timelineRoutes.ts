import { implement, type Route } from '../../http/index.ts';
import { breakerRow } from '../../record/index.ts';
import { seriesOf, timelineOf } from '../../timeline/index.ts';
import type { ApiContext } from '../shared/index.ts';

export function timelineRoutes({ record }: ApiContext): Route[] {
  return [
    implement('GET /breakers/:id/timeline', {
      handle: ({ params, query }) =>
        record.read(async (manager) => {
          await breakerRow(manager, params.id);
          return timelineOf(manager, params.id, query);
        }),
    }),
    implement('GET /breakers/:id/series', {
      handle: ({ params }) =>
        record.read(async (manager) => {
          await breakerRow(manager, params.id);
          return seriesOf(manager, params.id);
        }),
    }),
  ];
}
