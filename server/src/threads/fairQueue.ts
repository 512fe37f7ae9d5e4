/** So much waits already that nothing more is taken. */
export class TooBusy extends Error {}

interface Waiting {
  client: string;
  start: () => void;
}

/**
 * Who works next: clients take turns, so that whoever asks for much does not hold up whoever asks for little.
 */
export class FairQueue {
  private readonly waiting: Waiting[] = [];
  private readonly working = new Map<string, number>();
  private free: number;
  private last = '';

  /**
   * @param atOnce so many work at the same time
   * @param mostWaiting so many of one client’s may wait; more are refused
   */
  constructor(
    atOnce: number,
    private readonly mostWaiting: number,
  ) {
    this.free = atOnce;
  }

  /**
   * Work when it is this client’s turn.
   *
   * @throws TooBusy if too many of this client’s wait already; whatever the work throws
   */
  async run<T>(client: string, work: () => Promise<T>): Promise<T> {
    if (this.waiting.filter((one) => one.client === client).length >= this.mostWaiting) throw new TooBusy();
    await new Promise<void>((start) => {
      this.waiting.push({ client, start });
      this.next();
    });
    try {
      return await work();
    } finally {
      this.free++;
      const left = this.working.get(client)! - 1;
      if (left > 0) this.working.set(client, left);
      else this.working.delete(client);
      this.next();
    }
  }

  /** The client with the least at work comes first; of those with as little, not the one that was served last. */
  private next(): void {
    if (this.free === 0 || this.waiting.length === 0) return;
    const cost = ({ client }: Waiting) =>
      2 * (this.working.get(client) ?? 0) + (client === this.last ? 1 : 0);
    const first = this.waiting.reduce((best, one) => (cost(one) < cost(best) ? one : best));
    this.waiting.splice(this.waiting.indexOf(first), 1);
    this.free--;
    this.last = first.client;
    this.working.set(first.client, (this.working.get(first.client) ?? 0) + 1);
    first.start();
  }
}
