import { EventEmitter } from 'node:events';
import {
  asSample,
  channelKey,
  Ring,
  sentSample,
  type Feed,
  type Sample,
  type Switched,
} from '@phylaxon/core/record/feeds';
import { conflict, invalid, Refusal } from '../errors/index.ts';
import * as messages from './messages.ts';

/** So many devices may send at once, each with so many channels; a batch has so many lines. */
export const MOST_FEEDS = 64;
export const MOST_FEED_CHANNELS = 8;
export const MOST_LINES = 5000;
/** Clocks of devices differ from ours by this much at most, ms. */
const CLOCK_SLACK_MS = 10_000;
/** A live figure is no older than this, ms. */
const OLDEST_MS = 3_600_000;
/** A device that was silent for so long makes room for another, ms. */
const SILENT_MS = 600_000;
/** So many problems of a batch are told. */
const MOST_PROBLEMS = 20;

interface Kept {
  id: string;
  at: number;
  channels: Map<string, Ring>;
  switched: Switched | null;
}

/** What whoever watches is told. */
export type FeedEvent =
  | { event: 'samples'; data: { feed: string; samples: Sample[] } }
  | { event: 'switched'; data: { feed: string } & Switched };

/** Devices that send, and what they sent last. It is kept in memory: what is taken from it becomes a reading on record. */
export class Feeds {
  private readonly feeds = new Map<string, Kept>();
  private readonly emitter = new EventEmitter().setMaxListeners(0);

  constructor(private readonly now: () => number = Date.now) {}

  /**
   * Take in a batch: all of it or nothing. What was sent before is known and not told again.
   *
   * @param id of the feed
   * @param text a figure a line, as JSON
   */
  accept(id: string, text: string): { stored: number; known: number } {
    const lines = text.split('\n').map((line, i) => ({ line: line.trim(), number: i + 1 }));
    const sent = lines.filter(({ line }) => line !== '');
    if (sent.length > MOST_LINES) throw tooMany(messages.aBatchCanHaveAtMost(MOST_LINES));
    const problems: LineIssue[] = [];
    const samples: { sample: Sample; number: number }[] = [];
    for (const { line, number } of sent) {
      const read = readLine(line);
      if ('problems' in read) problems.push(...read.problems.map((one) => ({ ...one, number })));
      else samples.push({ sample: read.sample, number });
      if (problems.length >= MOST_PROBLEMS) break;
    }
    const known = this.feeds.get(id);
    const fresh = new Map<string, Sample>();
    let repeated = 0;
    for (const { sample, number } of samples) {
      const wrong = this.timeProblem(sample);
      const key = channelKey(sample);
      const name = `${key} ${sample.time}`;
      const ring = known?.channels.get(key);
      const twin = fresh.get(name);
      const came = twin ? (twin.value === sample.value ? 'known' : 'other') : (ring?.look(sample) ?? 'new');
      if (wrong !== null) problems.push({ number, path: 'time', message: wrong });
      else if (came === 'other')
        problems.push({ number, path: 'time', message: messages.aDifferentValueWasAlreadySent });
      else if (came === 'known') repeated++;
      else fresh.set(name, sample);
      if (problems.length >= MOST_PROBLEMS) break;
    }
    if (problems.length > 0) throw invalidLines(problems);
    if (sent.length === 0)
      throw invalidLines([{ number: 1, path: '', message: messages.sendAtLeastOneLine }]);
    const channels = new Set([...(known?.channels.keys() ?? []), ...[...fresh.values()].map(channelKey)]);
    if (channels.size > MOST_FEED_CHANNELS) throw tooMany(messages.aFeedCanHaveAtMost(MOST_FEED_CHANNELS));
    this.keep(id, [...fresh.values()]);
    return { stored: fresh.size, known: repeated };
  }

  private timeProblem({ time }: Sample): string | null {
    const at = Date.parse(time);
    if (at > this.now() + CLOCK_SLACK_MS) return messages.thisTimeIsInTheFuture;
    return at < this.now() - OLDEST_MS ? messages.thisTimeIsMoreThanAn : null;
  }

  private keep(id: string, samples: Sample[]): void {
    const feed = this.feeds.get(id) ?? this.begin(id);
    feed.at = this.now();
    for (const sample of samples) {
      const key = channelKey(sample);
      const ring = feed.channels.get(key) ?? new Ring();
      ring.add(sample);
      feed.channels.set(key, ring);
    }
    if (samples.length > 0) this.tell({ event: 'samples', data: { feed: id, samples } });
  }

  private begin(id: string): Kept {
    if (this.feeds.size >= MOST_FEEDS) {
      const silent = [...this.feeds.values()].sort((a, b) => a.at - b.at)[0]!;
      if (this.now() - silent.at < SILENT_MS)
        throw conflict('too_many_feeds', messages.devicesAreAlreadySendingRemove(MOST_FEEDS));
      this.feeds.delete(silent.id);
    }
    const feed: Kept = { id, at: this.now(), channels: new Map(), switched: null };
    this.feeds.set(id, feed);
    return feed;
  }

  /** Every device, with the newest figure of each of its channels. */
  list(): Feed[] {
    return [...this.feeds.values()].map(({ id, at, channels }) => {
      const last = [...channels.values()].flatMap((ring) => (ring.last ? [ring.last] : []));
      return {
        id,
        at: new Date(at).toISOString(),
        simulated: last.length > 0 && last.every(({ simulated }) => simulated),
        channels: last,
      };
    });
  }

  /** What a device sent from a time on, in the order of the times; `null`: there is no such device. */
  samples(id: string, from: string): Sample[] | null {
    const feed = this.feeds.get(id);
    if (!feed) return null;
    return [...feed.channels.values()]
      .flatMap((ring) => ring.all.filter(({ time }) => time >= from))
      .sort((a, b) => a.time.localeCompare(b.time));
  }

  /** What is switched on where this device measures; `null`: nobody said. */
  switchedAt = (id: string): Switched | null => this.feeds.get(id)?.switched ?? null;

  /** Say what is switched on where a simulated device measures; false: there is no such device. */
  switch(id: string, switched: Switched): boolean {
    const feed = this.feeds.get(id);
    if (!feed) return false;
    feed.switched = switched;
    this.tell({ event: 'switched', data: { feed: id, ...switched } });
    return true;
  }

  remove = (id: string): boolean => this.feeds.delete(id);

  private tell(told: FeedEvent): void {
    this.emitter.emit('told', told);
  }

  watch(onTold: (told: FeedEvent) => void): () => void {
    this.emitter.on('told', onTold);
    return () => this.emitter.off('told', onTold);
  }
}

/** What is wrong with a line of a batch. */
interface LineIssue {
  number: number;
  /** Of the field; empty: the line itself. */
  path: string;
  message: string;
}

const invalidLines = (problems: readonly LineIssue[]) =>
  invalid(
    messages.nothingWasSavedLine(problems[0]!.number, problems[0]!.message),
    problems.map(({ number, path, message }) => ({
      path: path === '' ? `lines.${number}` : `lines.${number}.${path}`,
      message,
    })),
  );

const tooMany = (message: string) => new Refusal('too-large', 'too_large', message);

type Read = { sample: Sample } | { problems: Omit<LineIssue, 'number'>[] };

function readLine(line: string): Read {
  let value: unknown;
  try {
    value = JSON.parse(line);
  } catch {
    return {
      problems: [{ path: '', message: messages.thisLineIsNotValidJson }],
    };
  }
  const read = sentSample.safeParse(value);
  if (read.success) return { sample: asSample(read.data) };
  return {
    problems: read.error.issues.map(({ path, message }) => ({ path: path.join('.'), message })),
  };
}
