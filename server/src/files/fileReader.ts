import { statSync } from 'node:fs';
import type { Worker } from 'node:worker_threads';
import { SITE_LISTS, type SiteFile } from '@phylaxon/core/views/siteFile';
import { FairQueue, memoryLimits, patientMs, startWorker } from '../threads/index.ts';
import { FileRefused } from './refusal.ts';
import type { Message, Task, Understood } from './tasks.ts';
import type { ReportProgress } from './understandSite.ts';
import { siteOnDisk, type UnderstoodSite } from './understoodSite.ts';
import * as messages from './messages.ts';

/** So long and with so much memory a file may be thought about: a small one for less, a large one by its size. */
const LIMITS = { ms: 60_000, smallMs: 20_000, msPerMb: 250, heapMb: 900 };

/** Files of up to this size have a thread of their own: none of them waits behind a large one. */
const SMALL_BYTES = 256_000;

/** So many files may wait for a thread, of one client. */
const MOST_WAITING = 16;

/** After a file from this size on the thread ends, and gives its memory back. */
const LARGE_BYTES = 2_000_000;

/** A file is being read; it can be given up. */
export interface FileReading {
  signal: AbortSignal;
  report: ReportProgress;
}

export class GivenUp extends Error {}

const tooMuch = (why: string) => new FileRefused(messages.splitTheFileOrCheckIts(why), undefined, 'too_much');

/**
 * Understands files in threads of their own, so that whoever else asks for something does not wait: one thread for small
 * files, one for large ones, clients in turn at each. A file that takes too long or too much memory ends its thread; the
 * next one gets another.
 */
export class FileReader {
  private readonly small = new FileThread(LIMITS.smallMs);
  private readonly large = new FileThread(LIMITS.ms);

  /**
   * Understand a file.
   *
   * @throws FileRefused that says what is wrong with it; GivenUp when the signal says so
   */
  understand<K extends Task['kind']>(
    task: Extract<Task, { kind: K }>,
    client: string,
    reading: FileReading,
  ): Promise<Understood[K]> {
    const thread = statSync(task.path).size <= SMALL_BYTES ? this.small : this.large;
    return thread.understand(task, client, reading) as Promise<Understood[K]>;
  }

  close(): void {
    this.small.close();
    this.large.close();
  }
}

/** One thread, used in turns. */
class FileThread {
  private worker: Worker | null = null;
  private readonly turns = new FairQueue(1, MOST_WAITING);

  /** @param ms so long a file may take, beside what its size allows */
  constructor(private readonly ms: number) {}

  understand(task: Task, client: string, reading: FileReading): Promise<unknown> {
    return this.turns.run(client, () => this.work(task, reading));
  }

  close(): void {
    void this.worker?.terminate();
    this.worker = null;
  }

  private work(task: Task, { signal, report }: FileReading): Promise<unknown> {
    if (signal.aborted) return Promise.reject(new GivenUp());
    const worker = (this.worker ??= this.start());
    worker.ref();
    const lists: Record<string, unknown[]> = {};
    const { size } = statSync(task.path);
    const isLarge = size > LARGE_BYTES;
    const ms = this.ms + (size / 1_000_000) * LIMITS.msPerMb;
    return new Promise((resolve, reject) => {
      const done = () => {
        clearTimeout(timer);
        signal.removeEventListener('abort', onAbort);
        worker.off('error', onError).off('exit', onExit).off('message', onMessage);
        worker.unref();
        if (isLarge) this.close();
      };
      const fail = (error: Error) => {
        done();
        this.close();
        reject(error);
      };
      const timer = setTimeout(() => fail(tooMuch(messages.theFileTakesTooLongTo)), patientMs(ms));
      const onAbort = () => fail(new GivenUp());
      const onExit = () => fail(tooMuch(messages.theFileNeedsTooMuchMemory));
      const onError = (error: NodeJS.ErrnoException) =>
        fail(error.code === 'ERR_WORKER_OUT_OF_MEMORY' ? tooMuch(messages.theFileNeedsTooMuchMemory) : error);
      const onMessage = (message: Message) => {
        switch (message.is) {
          case 'progress':
            return report(message.share);
          case 'rows':
            return void (lists[message.list] ??= []).push(...message.rows);
          case 'done':
            done();
            return resolve(assembled(task, message.result, lists));
          case 'refused':
            done();
            return reject(new FileRefused(message.message, message.issues, message.code));
          case 'failed':
            return fail(Object.assign(new Error(message.message), { code: message.code }));
        }
      };
      signal.addEventListener('abort', onAbort);
      worker.on('error', onError).on('exit', onExit).on('message', onMessage);
      worker.postMessage(task);
    });
  }

  private start(): Worker {
    const worker = startWorker('files/fileWorker', {
      resourceLimits: memoryLimits(LIMITS.heapMb),
    });
    // What becomes of it while nobody waits for it is nobody’s business.
    worker.on('error', () => undefined);
    worker.unref();
    return worker;
  }
}

const noRows = () => Object.fromEntries(Object.keys(SITE_LISTS).map((list) => [list, []]));

/** What was sent apart, or lies on the disk, is put where it belongs; a list of which nothing came is empty. */
function assembled(task: Task, result: object, lists: Record<string, unknown[]>): object {
  switch (task.kind) {
    case 'attachment':
      return result;
    case 'readings':
      return { readings: [], ...result, ...lists };
    case 'handOver': {
      const { file } = result as { file: Partial<SiteFile> };
      return { file: { ...file, ...noRows(), ...lists } };
    }
    case 'site': {
      const { site, counts, ...rest } = result as Pick<UnderstoodSite, 'site' | 'counts'>;
      return { ...rest, file: siteOnDisk(site, counts, task.folder) };
    }
  }
}
