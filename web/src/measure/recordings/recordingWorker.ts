import { LOAD_LIMITS } from '@phylaxon/core/facts/limits';
import {
  envelopeOf,
  loadEvents,
  loadTurns,
  loggerClock,
  longestOverload,
  timeAbove,
  voltageEvents,
  type Envelope,
  type KnownLoad,
} from '@phylaxon/core/physics/loggedCurrent';
import {
  LoggerTable,
  LoggerTableRefused,
  type LoggerTableSettings,
  type LoggerTableTold,
} from '@phylaxon/core/record/loggerTable';
import {
  packRecording,
  samplesOf,
  recordingSummary,
  unpackRecording,
  type Recording,
  type RecordingSummary,
} from '@phylaxon/core/record/recordings';
import { expose, transfer } from 'comlink';
import Papa from 'papaparse';
import * as messages from './messages.ts';

/** Read at a time: so much that a line is a small part of it. */
const PIECE_BYTES = 4 * 1024 * 1024;
/** So many lines show what a table is. */
const FIRST_LINES = 300;
const FIRST_BYTES = 256 * 1024;

/** What is known of a channel of current: on what breaker it sits. */
export interface ChannelRating {
  ratingAmps: number | null;
  loads: KnownLoad[];
}

/** What happened on a channel of current. */
export interface ChannelEvents {
  events: ReturnType<typeof loadEvents>;
  turns: ReturnType<typeof loadTurns>;
  overload: ReturnType<typeof longestOverload>;
  /** For how long above 80% of the rating, and above all of it, ms; null: no rating. */
  above80Ms: number | null;
  aboveMs: number | null;
}

export interface Happened {
  clock: ReturnType<typeof loggerClock>;
  /** Of currents; null for the others. */
  currents: (ChannelEvents | null)[];
  /** Of voltages; null for the others. */
  voltages: (ReturnType<typeof voltageEvents> | null)[];
}

/** A refusal crosses to the page as words. */
export type ReadOutcome = { ok: { summary: RecordingSummary; told: LoggerTableTold } } | { refused: string };

let recording: Recording | null = null;
let envelopes: ReturnType<typeof envelopeOf>[] = [];

function keep(one: Recording): void {
  recording = one;
  envelopes = one.channels.map((_channel, i) => envelopeOf(samplesOf(one, i)));
}

const opened = (): Recording => {
  if (!recording) throw new Error('No recording is open.');
  return recording;
};

async function packed(bytes: Uint8Array): Promise<Uint8Array> {
  const stream = new Blob([bytes as BlobPart]).stream().pipeThrough(new CompressionStream('gzip'));
  return new Uint8Array(await new Response(stream).arrayBuffer());
}

const api = {
  /** The first lines of a table, as cells. */
  async firstLines(file: Blob): Promise<{ rows: string[][]; delimiter: string }> {
    const text = await file.slice(0, FIRST_BYTES).text();
    const { data, meta } = Papa.parse<string[]>(text, {
      preview: FIRST_LINES,
      skipEmptyLines: false,
      delimitersToGuess: [',', ';', '\t', '|'],
    });
    return { rows: data, delimiter: meta.delimiter };
  },

  /** Read a table as a stream, and keep what it comes to. */
  read(
    file: File,
    delimiter: string,
    settings: LoggerTableSettings,
    onProgress: (share: number) => void,
  ): Promise<ReadOutcome> {
    return new Promise((resolve) => {
      const refuse = (error: unknown) =>
        resolve({
          refused: error instanceof LoggerTableRefused ? error.message : messages.theFileCouldNotBeReadIt,
        });
      try {
        const table = new LoggerTable(settings);
        Papa.parse<string[]>(file, {
          delimiter,
          chunkSize: PIECE_BYTES,
          skipEmptyLines: false,
          chunk: ({ data, meta }, parser) => {
            try {
              table.add(data);
              onProgress(Math.min(1, meta.cursor / file.size));
            } catch (error) {
              parser.abort();
              refuse(error);
            }
          },
          complete: () => {
            try {
              const { recording: read, told } = table.end();
              keep(read);
              resolve({ ok: { summary: recordingSummary(read), told } });
            } catch (error) {
              refuse(error);
            }
          },
          error: refuse,
        });
      } catch (error) {
        refuse(error);
      }
    });
  },

  /** Open a recording as it is kept. */
  async open(file: Blob): Promise<RecordingSummary> {
    const stream = file.stream().pipeThrough(new DecompressionStream('gzip'));
    keep(unpackRecording(new Uint8Array(await new Response(stream).arrayBuffer())));
    return recordingSummary(opened());
  },

  /** As it is kept: bytes, packed by gzip. */
  async pack(): Promise<Uint8Array> {
    const bytes = await packed(packRecording(opened()));
    return transfer(bytes, [bytes.buffer as ArrayBuffer]);
  },

  /** Least and most of every channel, column by column. */
  envelopes(fromMs: number, toMs: number, columns: number): Envelope[] {
    const drawn = envelopes.map((envelope) => envelope(fromMs, toMs, columns));
    return transfer(
      drawn,
      drawn.flatMap(({ least, most }) => [least.buffer as ArrayBuffer, most.buffer as ArrayBuffer]),
    );
  },

  /** What happened, channel by channel. */
  happened(ratings: ChannelRating[]): Happened {
    const one = opened();
    const voltage = one.channels.findIndex(({ quantity }) => quantity === 'voltage');
    const voltages = one.channels.map(({ quantity }, i) =>
      quantity === 'voltage' ? voltageEvents(samplesOf(one, i)) : null,
    );
    return {
      clock: loggerClock(one.times),
      currents: one.channels.map(({ quantity }, i) => {
        if (quantity !== 'current') return null;
        const samples = samplesOf(one, i);
        const { ratingAmps, loads } = ratings[i]!;
        const events = loadEvents(samples, ratingAmps, loads, voltages[voltage] ?? []);
        const trips = events.filter(({ kind }) => kind === 'trip').map(({ atMs }) => atMs);
        return {
          events,
          turns: loadTurns(events),
          overload: ratingAmps === null ? null : longestOverload(samples, ratingAmps, trips),
          above80Ms:
            ratingAmps === null ? null : timeAbove(samples, LOAD_LIMITS.continuousShare * ratingAmps),
          aboveMs: ratingAmps === null ? null : timeAbove(samples, ratingAmps),
        };
      }),
      voltages,
    };
  },
};
export type RecordingApi = typeof api;

expose(api);
