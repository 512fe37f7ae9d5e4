import type { CsvReading } from '@phylaxon/core/views/csv';
import type { Breaker } from '@phylaxon/core/record/entities';
import type { SiteFile } from '@phylaxon/core/views/siteFile';
import type { CameAlong } from './understandSite.ts';

/** A file to be understood. */
export type Task =
  | { kind: 'site'; path: string; folder: string }
  | { kind: 'handOver'; path: string }
  | { kind: 'readings'; path: string; breakers: Breaker[] };

/** What each kind of file comes to; its long lists are sent apart. */
export interface Understood {
  site: { file: SiteFile; from: number; photos: CameAlong[] };
  handOver: { file: SiteFile };
  readings: { readings: CsvReading[]; struck: number };
}

/** From the worker: how far it is, a part of a long list, the rest, or why not. */
export type Message =
  | { is: 'progress'; share: number }
  | { is: 'rows'; list: string; rows: unknown[] }
  | { is: 'done'; result: object }
  | { is: 'refused'; message: string; issues: { path: string; message: string }[]; code: string }
  | { is: 'failed'; message: string; code?: string };
