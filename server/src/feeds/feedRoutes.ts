import { z } from 'zod';
import { notFound } from '../errors/index.ts';
import { implement, type Route } from '../http/index.ts';
import type { Feeds } from './feeds.ts';
import * as messages from './messages.ts';

const LINES = ['application/x-ndjson', 'application/jsonl', 'text/plain'];
const MOST_BYTES = 1_000_000;
const NO_FEED = messages.thisFeed;

/** What devices send, and what is seen of it live. Nothing of it is on record before somebody takes it. */
export const feedRoutes = (feeds: Feeds): Route[] => [
  implement('POST /feeds/:feed/samples', {
    upload: { types: LINES, limitBytes: MOST_BYTES },
    handle: ({ params, upload }) => feeds.accept(params.feed, upload.toString('utf8')),
  }),
  implement('GET /feeds', {
    handle: () => ({ feeds: feeds.list() }),
  }),
  implement('GET /feeds/:feed/samples', {
    handle: ({ params, query }) => {
      const samples = feeds.samples(params.feed, query.from);
      if (samples === null) throw notFound(NO_FEED);
      return { samples };
    },
  }),
  implement('DELETE /feeds/:feed', {
    handle: ({ params }) => {
      if (!feeds.remove(params.feed)) throw notFound(NO_FEED);
      return {};
    },
  }),
  implement('GET /feeds/:feed/switched', {
    handle: ({ params }) => ({ switched: feeds.switchedAt(params.feed) }),
  }),
  implement('PUT /feeds/:feed/switched', {
    handle: ({ params, body }) => {
      if (!feeds.switch(params.feed, body)) throw notFound(NO_FEED);
      return {};
    },
  }),
  {
    method: 'get',
    path: '/live',
    tag: 'feeds',
    summary: 'Events “samples” and “switched” from all devices',
    status: 200,
    answer: z.string(),
    handle: () => undefined,
    stream: (_asked, send) => Promise.resolve(feeds.watch(({ event, data }) => send(event, data))),
  },
];
