import { series, timeline, timelineQuery } from '@phylaxon/core/views/timeline';
import { route, type Route } from '../../http/index.ts';
import { breakerRow } from '../../record/index.ts';
import { seriesOf, timelineOf } from '../../timeline/index.ts';
import { type ApiContext, byId } from '../shared/index.ts';

export function timelineRoutes({ record }: ApiContext): Route[] {
  return [
    route({
      method: 'get',
      path: '/breakers/:id/timeline',
      tag: 'timeline',
      summary: 'All that was logged and decided about a breaker and the parts before it, newest first',
      params: byId,
      query: timelineQuery,
      status: 200,
      answer: timeline,
      handle: ({ params, query }) =>
        record.read(async (manager) => {
          await breakerRow(manager, params.id);
          return timelineOf(manager, params.id, query);
        }),
    }),
    route({
      method: 'get',
      path: '/breakers/:id/series',
      tag: 'timeline',
      summary: 'What was measured of a breaker over time, to be drawn',
      params: byId,
      status: 200,
      answer: series,
      handle: ({ params }) =>
        record.read(async (manager) => {
          await breakerRow(manager, params.id);
          return seriesOf(manager, params.id);
        }),
    }),
  ];
}
