import { z } from 'zod';
import { feed, feedId, sample, switched } from '../record/feeds/index.ts';
import { instant } from '../record/entities/index.ts';
import { endpoint } from './endpoint.ts';

const byFeed = z.object({ feed: feedId });

/** Devices that send by themselves. */
export const FEED_ENDPOINTS = {
  'POST /feeds/:feed/samples': endpoint({
    tag: 'feeds',
    summary:
      'Receive readings from a device, one JSON object per line; a reading that is sent again is stored once',
    params: byFeed,
    answer: z.object({
      stored: z.int().describe('number of new readings'),
      known: z.int().describe('number of readings that were sent before'),
    }),
    status: 201,
  }),
  'GET /feeds': endpoint({
    tag: 'feeds',
    summary: 'Every device that sends readings, with the latest reading of each channel',
    answer: z.object({ feeds: z.array(feed) }),
  }),
  'GET /feeds/:feed/samples': endpoint({
    tag: 'feeds',
    summary: 'Readings of a device since a given time, as far as they are kept',
    params: byFeed,
    query: z.object({ from: instant.default('1970-01-01T00:00:00.000Z') }),
    answer: z.object({ samples: z.array(sample) }),
  }),
  'DELETE /feeds/:feed': endpoint({
    tag: 'feeds',
    summary: 'Delete a device and its readings',
    params: byFeed,
    answer: z.object({}),
  }),
  'GET /feeds/:feed/switched': endpoint({
    tag: 'feeds',
    summary: 'Loads that are on where a simulated device measures; null if not set',
    params: byFeed,
    answer: z.object({ switched: switched.nullable() }),
  }),
  'PUT /feeds/:feed/switched': endpoint({
    tag: 'feeds',
    summary: 'Set the loads that are on where a simulated device measures',
    params: byFeed,
    body: switched,
    answer: z.object({}),
  }),
};
