import { mkdir, rm } from 'node:fs/promises';
import { join } from 'node:path';
import type { Piscina } from 'piscina';
import { Refusal } from '../errors/index.ts';
import { GivenUp, temporaryFolder, UPLOADS } from '../files/index.ts';
import { StoreError, type Store } from '../store/index.ts';
import { TooBusy, FairQueue, workerPool } from '../threads/index.ts';
import type { ExportAnswer, ExportOrder } from './exportWorker.ts';
import { writeExport, type ExportKind } from './writeExport.ts';

/** What exports may take: threads at once, memory, how many of one client’s may wait, and lie on the disk until sent. */
const BUDGET = { threads: 2, heapMb: 512, waiting: 8, lying: 12 } as const;

/** An export as it lies on the disk until it was sent. */
export interface Exported {
  path: string;
  remove: () => Promise<void>;
}

/** Writes what is exported to the disk, off the thread that serves everybody. */
export class Exporter {
  private readonly turns = new FairQueue(BUDGET.threads, BUDGET.waiting);
  private pool: Piscina<ExportOrder, ExportAnswer> | null = null;
  private lying = 0;

  /** @param photos where the pictures lie */
  constructor(
    private readonly store: Store,
    private readonly photos: string,
  ) {}

  /**
   * Write an export.
   *
   * @param client who asks for it: clients take turns
   * @param signal aborted when that client leaves
   * @throws Refusal if there is no such site; TooBusy; StoreError
   */
  async write(kind: ExportKind, siteId: string, client: string, signal: AbortSignal): Promise<Exported> {
    if (this.lying >= BUDGET.lying) throw new TooBusy();
    this.lying++;
    const home = temporaryFolder(join(UPLOADS.folder, UPLOADS.start));
    const remove = async () => {
      this.lying--;
      await rm(home, { recursive: true, force: true });
    };
    try {
      const [folder, path] = [join(home, 'parts'), join(home, kind)];
      await mkdir(folder);
      const order = { record: this.store.file, photos: this.photos, kind, siteId, folder, target: path };
      await this.turns.run(client, () => this.work(order, signal));
      await rm(folder, { recursive: true, force: true });
      return { path, remove };
    } catch (error) {
      await remove();
      throw error;
    }
  }

  private async work(order: ExportOrder, signal: AbortSignal): Promise<void> {
    if (signal.aborted) throw new GivenUp();
    // A record in memory has but one connection.
    if (order.record === ':memory:') return this.store.read((manager) => writeExport(manager, order));
    this.pool ??= start();
    const answer = await this.pool.run(order, { signal }).catch((error: unknown) => {
      throw signal.aborted ? new GivenUp() : error;
    });
    if (answer.is === 'failed') {
      const failure = new Error(answer.message);
      throw answer.trouble ? new StoreError(answer.trouble, failure) : failure;
    }
    if (answer.is === 'refused') {
      const { kind, code, message } = answer.refusal;
      throw new Refusal(kind, code, message);
    }
  }
}

const start = () => workerPool<ExportOrder, ExportAnswer>('transfer/exportWorker', BUDGET);
