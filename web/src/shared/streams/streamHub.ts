import type { Answer } from './streamMessages.ts';

/** Who listens to one kind of event of one stream. */
export interface HubListener {
  address: string;
  event: string;
  tell: (answer: Told) => void;
}
type WithoutId<T> = T extends unknown ? Omit<T, 'id'> : never;
type Told = WithoutId<Answer>;

/** Pages that open one after the other are gathered so long before the connection is made anew, ms. */
const GATHER_MS = 30;
/** A refused connection is tried again after so long, ms. */
const AGAIN_MS = 3000;

const OPEN = 1;
const CLOSED = 2;

/** What the server calls an event of one stream among several. */
const nameOf = ({ address, event }: Pick<HubListener, 'address' | 'event'>) => `${address} ${event}`;

function afterAWhile(work: () => void, ms: number) {
  const timer = setTimeout(work, ms);
  return () => clearTimeout(timer);
}

/**
 * One connection for whatever is listened to: with another stream wanted it is made anew, and the old one is
 * closed only when the new one is open, so that nothing is missed in between.
 */
export class StreamHub {
  /** Each with the last that it was told of its stream. */
  private readonly listeners = new Map<HubListener, Told['kind'] | null>();
  private source: EventSource | null = null;
  /** The connection that another is to take the place of; it tells until that is open. */
  private before: EventSource | null = null;
  private names: string[] = [];
  private cancel = () => undefined as void;
  private isLost = false;

  /** @param later does something after so many milliseconds; returns how to cancel it */
  constructor(
    private readonly connect: (addresses: readonly string[]) => EventSource,
    private readonly later: (work: () => void, ms: number) => () => void = afterAWhile,
  ) {}

  /** Listen; returns how to stop. */
  listen(listener: HubListener): () => void {
    this.listeners.set(listener, null);
    this.soon();
    return () => {
      if (this.listeners.delete(listener)) this.soon();
    };
  }

  private soon(afterMs = GATHER_MS) {
    this.cancel();
    this.cancel = this.later(() => this.update(), afterMs);
  }

  private update() {
    const names = [...new Set([...this.listeners.keys()].map(nameOf))].sort();
    const isSame = names.join() === this.names.join();
    if (isSame && this.source && this.source.readyState !== CLOSED) return this.tellState();
    if (this.source?.readyState === OPEN) this.before = this.source;
    else this.source?.close();
    this.names = names;
    this.source = names.length === 0 ? null : this.open(names);
    if (!this.source) this.retire();
  }

  private retire() {
    this.before?.close();
    this.before = null;
  }

  private open(names: readonly string[]): EventSource {
    const source = this.connect([...new Set(names.map((name) => name.split(' ')[0]!))]);
    source.onopen = () => {
      if (source !== this.source) return;
      this.retire();
      this.isLost = false;
      this.tellState();
    };
    source.onerror = () => {
      if (source !== this.source) return;
      this.retire();
      this.isLost = true;
      this.tellState();
      // Where the server refused, the browser does not try again by itself.
      if (source.readyState === CLOSED) this.soon(AGAIN_MS);
    };
    for (const name of names)
      source.addEventListener(name, ({ data }: MessageEvent<string>) => {
        for (const listener of this.listeners.keys())
          if (nameOf(listener) === name) listener.tell({ kind: 'event', data });
      });
    return source;
  }

  /** Whoever does not know yet whether the stream is open is told; the newest to listen, or all after a loss. */
  private tellState() {
    const kind = this.isLost ? 'lost' : this.source?.readyState === OPEN ? 'open' : null;
    if (kind === null) return;
    for (const [listener, last] of this.listeners) {
      if (last === kind) continue;
      this.listeners.set(listener, kind);
      listener.tell({ kind });
    }
  }
}
