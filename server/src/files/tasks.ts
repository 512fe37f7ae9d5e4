import type { CsvReading } from '@phylaxon/core/views/csv';
import type { AttachmentKind } from '@phylaxon/core/record/panelEntries';
import type { Breaker } from '@phylaxon/core/record/entities';
import type { SiteFile } from '@phylaxon/core/views/siteFile';
import type { UnderstoodAttachment } from './understandAttachment.ts';
import type { AttachmentAlong, CameAlong } from './understandSite.ts';
import type { UnderstoodSite } from './understoodSite.ts';

/** A file to be understood. */
export type Task =
  | { kind: 'site'; path: string; folder: string }
  | { kind: 'handOver'; path: string }
  | { kind: 'readings'; path: string; breakers: Breaker[] }
  | { kind: 'attachment'; path: string; of: AttachmentKind };

/** What each kind of file comes to; its long lists are sent apart. */
export interface Understood {
  site: { file: UnderstoodSite; from: number; photos: CameAlong[]; attachments: AttachmentAlong[] };
  handOver: { file: SiteFile };
  readings: { readings: CsvReading[]; struck: number };
  attachment: UnderstoodAttachment;
}

/** From the worker: how far it is, a part of a long list, the rest, or why not. */
export type Message =
  | { is: 'progress'; share: number }
  | { is: 'rows'; list: string; rows: unknown[] }
  | { is: 'done'; result: object }
  | { is: 'refused'; message: string; issues: { path: string; message: string }[]; code: string }
  | { is: 'failed'; message: string; code?: string };
