import { keptPerKey } from '@phylaxon/core/facts/kept';
import type { Response } from 'express';
import { ApiError } from './errors.ts';
import * as messages from './messages.ts';

/** Silence for longer than this makes proxies and browsers give up. */
const HEARTBEAT_MS = 20_000;

/** So many streams are open at once. */
export const MOST_STREAMS = 64;

/** With so much unread a listener counts as gone: it is dropped, asks again, and is told all anew. */
const MOST_UNREAD_BYTES = 1_000_000;

let open = 0;

/** What many listeners are told is made into text once. */
const texts = keptPerKey<object, string>();
const NOTHING = {};

/** Told one after the other: which event, and its data. */
export type Send = (event: string, data?: object) => void;

const textOf = (event: string, data: object): string =>
  texts(data, event, () => `event: ${event}\ndata: ${JSON.stringify(data)}\n\n`);

/** Open a stream of server-sent events, kept open until the other side leaves, or does not read. */
export async function sendEvents(
  response: Response,
  start: (send: Send) => Promise<() => void>,
): Promise<void> {
  if (open >= MOST_STREAMS) throw new ApiError(503, 'too_many_streams', messages.tooManyPagesAreOpenClose);
  open++;
  response.on('close', () => open--);
  const write = (text: string) => {
    if (response.writableLength > MOST_UNREAD_BYTES) response.destroy();
    else response.write(text);
  };
  // Whoever listens asks for everything once the stream is open, so nothing before counts.
  const stop = await start(
    (event, data = NOTHING) => response.headersSent && !response.destroyed && write(textOf(event, data)),
  );
  if (response.destroyed) return stop();
  response.writeHead(200, { 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-store' });
  response.write('retry: 1000\n\n');
  const heartbeat = setInterval(() => write(': still here\n\n'), HEARTBEAT_MS);
  response.on('close', () => {
    clearInterval(heartbeat);
    stop();
  });
}
