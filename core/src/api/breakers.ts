import { breakerDetail } from '../views/board/index.ts';
import { series, timeline, timelineQuery } from '../views/timeline/index.ts';
import { byId } from '../commands/index.ts';
import { endpoint } from './endpoint.ts';

/** What is asked of one breaker. */
export const BREAKER_ENDPOINTS = {
  'GET /breakers/:id': endpoint({
    tag: 'breakers',
    summary: 'A breaker with its circuit, latest readings and current decision',
    params: byId,
    answer: breakerDetail,
  }),
  'GET /breakers/:id/timeline': endpoint({
    tag: 'timeline',
    summary: 'Everything logged and decided about a breaker and its predecessors, newest first',
    params: byId,
    query: timelineQuery,
    answer: timeline,
  }),
  'GET /breakers/:id/series': endpoint({
    tag: 'timeline',
    summary: 'Readings of a breaker over time, for charts',
    params: byId,
    answer: series,
  }),
};
