import { z } from 'zod';
import { feed, feedId, sample, switched } from '../record/feeds/index.ts';
import { instant } from '../record/entities/index.ts';
import { endpoint } from './endpoint.ts';

const byFeed = z.object({ feed: feedId });

/** Devices that send by themselves. */
export const FEED_ENDPOINTS = {
  'POST /feeds/:feed/samples': endpoint({
    tag: 'feeds',
    summary: 'Take in what a device shows: a figure a line, as JSON; sent again, a figure is taken in once',
    params: byFeed,
    answer: z.object({
      stored: z.int().describe('figures that are new'),
      known: z.int().describe('figures that were sent before'),
    }),
    status: 201,
  }),
  'GET /feeds': endpoint({
    tag: 'feeds',
    summary: 'Every device that sends, with the newest figure of each of its channels',
    answer: z.object({ feeds: z.array(feed) }),
  }),
  'GET /feeds/:feed/samples': endpoint({
    tag: 'feeds',
    summary: 'What a device sent from a time on, as far as it is kept',
    params: byFeed,
    query: z.object({ from: instant.default('1970-01-01T00:00:00.000Z') }),
    answer: z.object({ samples: z.array(sample) }),
  }),
  'DELETE /feeds/:feed': endpoint({
    tag: 'feeds',
    summary: 'Forget a device and what it sent',
    params: byFeed,
    answer: z.object({}),
  }),
  'GET /feeds/:feed/switched': endpoint({
    tag: 'feeds',
    summary: 'What is switched on where a simulated device measures; null: nobody said',
    params: byFeed,
    answer: z.object({ switched: switched.nullable() }),
  }),
  'PUT /feeds/:feed/switched': endpoint({
    tag: 'feeds',
    summary: 'Say what is switched on where a simulated device measures',
    params: byFeed,
    body: switched,
    answer: z.object({}),
  }),
};
