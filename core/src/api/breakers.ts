import { breakerDetail } from '../views/board/index.ts';
import { series, timeline, timelineQuery } from '../views/timeline/index.ts';
import { byId } from '../commands/index.ts';
import { endpoint } from './endpoint.ts';

/** What is asked of one breaker. */
export const BREAKER_ENDPOINTS = {
  'GET /breakers/:id': endpoint({
    tag: 'breakers',
    summary: 'One breaker: its circuit, its latest figures, the decision that stands',
    params: byId,
    answer: breakerDetail,
  }),
  'GET /breakers/:id/timeline': endpoint({
    tag: 'timeline',
    summary: 'All that was logged and decided about a breaker and the parts before it, newest first',
    params: byId,
    query: timelineQuery,
    answer: timeline,
  }),
  'GET /breakers/:id/series': endpoint({
    tag: 'timeline',
    summary: 'What was measured of a breaker over time, to be drawn',
    params: byId,
    answer: series,
  }),
};
