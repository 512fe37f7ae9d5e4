import { existsSync, readdirSync, rmSync, statfsSync, statSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import type { BackupState } from '@phylaxon/core/record/settings';
import type { Piscina } from 'piscina';
import { backupsBeside } from '../store/index.ts';
import { oneAtATime, workerPool } from '../threads/index.ts';
import type { RecordAnswer, RecordTask } from './recordTasks.ts';
import { folderBytes, type Backup } from './writeBackup.ts';
import * as messages from './messages.ts';

/** How many daily copies are kept unless told otherwise. */
const USUALLY_KEPT = 7;
const HOUR_MS = 3_600_000;
/** The first copy of the day is made a little after the start, when nobody waits for the server. */
const SETTLED_MS = 20_000;
/** Room that is left alone: a copy never fills the disk. */
const SPARE_BYTES = 100_000_000;

const DAILY = /^daily-\d{4}-\d{2}-\d{2}\.zip$/;

/** From PHYLAXON_BACKUPS: a number of copies, or none. */
export function backupsToKeep(setting: string | undefined): number {
  if (setting === undefined || setting === '') return USUALLY_KEPT;
  if (setting === 'off') return 0;
  const number = Number(setting);
  if (Number.isInteger(number) && number >= 1 && number <= 365) return number;
  throw new Error(
    `PHYLAXON_BACKUPS must be off, or the number of daily backups to keep (1 to 365), not “${setting}”.`,
  );
}

/** Threads for long work on the record’s file: a copy and a look through it go on beside each other. */
const BUDGET = { threads: 2, heapMb: 512 } as const;
let pool: Piscina<RecordTask, RecordAnswer> | null = null;

/** Do long work on the record’s file in a thread of its own. */
export async function onRecord<T>(task: RecordTask): Promise<T> {
  pool ??= workerPool<RecordTask, RecordAnswer>('backups/recordWorker', BUDGET);
  const answer = await pool.run(task);
  if (answer.ok) return answer.result as T;
  throw new Error(answer.message);
}

/** Keeps a copy of the record for each day it is worked with, so many at most, where there is room. */
export class BackupKeeper {
  private readonly folder: string;
  private trouble: string | null = null;
  private timers: NodeJS.Timeout[] = [];

  constructor(
    private readonly record: string,
    private readonly photos: string,
    private readonly keep: number,
  ) {
    this.folder = backupsBeside(record);
  }

  start(): void {
    if (this.keep === 0) return;
    const look = () => void this.daily();
    this.timers = [setTimeout(look, SETTLED_MS), setInterval(look, HOUR_MS)];
    for (const timer of this.timers) timer.unref();
  }

  stop(): void {
    for (const timer of this.timers) clearTimeout(timer);
  }

  /** What is kept, and how the last attempt went. */
  state(): BackupState {
    const newest = this.dailies().at(-1);
    const last = newest === undefined ? null : statSync(join(this.folder, newest), { throwIfNoEntry: false });
    return {
      keep: this.keep,
      folder: resolve(this.folder),
      last: last ? { at: last.mtime.toISOString(), bytes: last.size } : null,
      trouble: this.trouble,
    };
  }

  /** Make today’s copy, if it is not there yet. */
  readonly daily = oneAtATime(() => this.makeDaily());

  private async makeDaily(): Promise<void> {
    const target = join(this.folder, `daily-${new Date().toISOString().slice(0, 10)}.zip`);
    if (existsSync(target)) return;
    try {
      const size = statSync(this.record).size;
      const needed = 2 * size + folderBytes(this.photos) + SPARE_BYTES;
      const { bavail, bsize } = statfsSync(dirname(resolve(this.record)));
      if (bavail * bsize < needed) {
        this.trouble = messages.notEnoughDiskSpaceForA(Math.ceil(needed / 1e6));
        return;
      }
      await onRecord<Backup>({ kind: 'backup', record: this.record, photos: this.photos, target });
      this.trouble = null;
      for (const old of this.dailies().slice(0, -this.keep)) rmSync(join(this.folder, old), { force: true });
    } catch (error) {
      this.trouble = error instanceof Error ? error.message : String(error);
    }
  }

  private dailies(): string[] {
    return existsSync(this.folder)
      ? readdirSync(this.folder)
          .filter((name) => DAILY.test(name))
          .sort(byMaking)
      : [];
  }
}

/** The older first. One of a day that is still to come was made by a clock that was wrong: it is the oldest. */
function byMaking(a: string, b: string): number {
  const tomorrow = `daily-${new Date(Date.now() + 24 * 3600 * 1000).toISOString().slice(0, 10)}.zip`;
  return Number(b > tomorrow) - Number(a > tomorrow) || (a < b ? -1 : 1);
}
