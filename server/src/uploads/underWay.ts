import type { FileProgress } from '@phylaxon/core/api';

/** So many files of one client’s may wait their turn. */
const MOST_WAITING = 4;

export class TooManyFiles extends Error {}

/** The files that are being worked on: how far each is, by the name its sender gave it, and how many a client has. */
export class UnderWay {
  private readonly progress = new Map<string, FileProgress>();
  private readonly clients = new Map<string, number>();

  progressOf(job: string): FileProgress | null {
    return this.progress.get(job) ?? null;
  }

  /**
   * Work on a file of a client’s.
   *
   * @param job the name by which its progress is asked for; left out, nobody asks
   * @throws TooManyFiles if that client has too many waiting already
   */
  async run<T>(
    client: string,
    job: string | undefined,
    work: (tell: (progress: FileProgress) => void) => Promise<T>,
  ): Promise<T> {
    const waiting = this.clients.get(client) ?? 0;
    if (waiting > MOST_WAITING) throw new TooManyFiles();
    this.clients.set(client, waiting + 1);
    const tell = (progress: FileProgress) => job !== undefined && this.progress.set(job, progress);
    tell({ step: 'reading', share: 0 });
    try {
      return await work(tell);
    } finally {
      if (job !== undefined) this.progress.delete(job);
      const left = this.clients.get(client)! - 1;
      if (left > 0) this.clients.set(client, left);
      else this.clients.delete(client);
    }
  }
}
