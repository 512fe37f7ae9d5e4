import { feed, feedId, sample, switched } from '@phylaxon/core/record/feeds';
import { instant } from '@phylaxon/core/record/entities';
import { z } from 'zod';
import { notFound } from '../errors/index.ts';
import { route, type Route } from '../http/index.ts';
import type { Feeds } from './feeds.ts';

const byFeed = z.object({ feed: feedId });
const LINES = ['application/x-ndjson', 'application/jsonl', 'text/plain'];
const MOST_BYTES = 1_000_000;
const NO_FEED = 'This feed';

/** What devices send, and what is seen of it live. Nothing of it is on record before somebody takes it. */
export const feedRoutes = (feeds: Feeds): Route[] => [
  route({
    method: 'post',
    path: '/feeds/:feed/samples',
    tag: 'feeds',
    summary: 'Take in what a device shows: a figure a line, as JSON; sent again, a figure is taken in once',
    params: byFeed,
    upload: { types: LINES, limitBytes: MOST_BYTES },
    status: 201,
    answer: z.object({
      stored: z.int().describe('figures that are new'),
      known: z.int().describe('figures that were sent before'),
    }),
    handle: ({ params, upload }) => feeds.accept(params.feed, upload.toString('utf8')),
  }),
  route({
    method: 'get',
    path: '/feeds',
    tag: 'feeds',
    summary: 'Every device that sends, with the newest figure of each of its channels',
    status: 200,
    answer: z.object({ feeds: z.array(feed) }),
    handle: () => ({ feeds: feeds.list() }),
  }),
  route({
    method: 'get',
    path: '/feeds/:feed/samples',
    tag: 'feeds',
    summary: 'What a device sent from a time on, as far as it is kept',
    params: byFeed,
    query: z.object({ from: instant.default('1970-01-01T00:00:00.000Z') }),
    status: 200,
    answer: z.object({ samples: z.array(sample) }),
    handle: ({ params, query }) => {
      const samples = feeds.samples(params.feed, query.from);
      if (samples === null) throw notFound(NO_FEED);
      return { samples };
    },
  }),
  route({
    method: 'delete',
    path: '/feeds/:feed',
    tag: 'feeds',
    summary: 'Forget a device and what it sent',
    params: byFeed,
    status: 200,
    answer: z.object({}),
    handle: ({ params }) => {
      if (!feeds.remove(params.feed)) throw notFound(NO_FEED);
      return {};
    },
  }),
  route({
    method: 'get',
    path: '/feeds/:feed/switched',
    tag: 'feeds',
    summary: 'What is switched on where a simulated device measures; null: nobody said',
    params: byFeed,
    status: 200,
    answer: z.object({ switched: switched.nullable() }),
    handle: ({ params }) => ({ switched: feeds.switchedAt(params.feed) }),
  }),
  route({
    method: 'put',
    path: '/feeds/:feed/switched',
    tag: 'feeds',
    summary: 'Say what is switched on where a simulated device measures',
    params: byFeed,
    body: switched,
    status: 200,
    answer: z.object({}),
    handle: ({ params, body }) => {
      if (!feeds.switch(params.feed, body)) throw notFound(NO_FEED);
      return {};
    },
  }),
  {
    method: 'get',
    path: '/live',
    tag: 'feeds',
    summary: 'Events “samples” and “switched” as they come in, of all devices',
    status: 200,
    answer: z.string(),
    handle: () => undefined,
    stream: (_asked, send) => Promise.resolve(feeds.watch(({ event, data }) => send(event, data))),
  },
];
