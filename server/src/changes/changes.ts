import { EventEmitter } from 'node:events';

/** What is told of a change to whoever watches. */
export interface ChangeNotice {
  /** The name its sender gave it, so that who made it asks once; null: it has none. */
  change: string | null;
  /** Anything may be shown or decided otherwise from now on, settings too. */
  everywhere: boolean;
}
type Listener = (told: ChangeNotice) => void;

/** Tells whoever watches a site or a panel that something in it has changed. */
export class Changes {
  private readonly emitter = new EventEmitter().setMaxListeners(0);

  /** Something in each of these has changed; who watches several of them is told once. */
  announce(ids: readonly string[], told: ChangeNotice = { change: null, everywhere: false }): void {
    const listeners = new Set(ids.flatMap((id) => this.emitter.listeners(id) as Listener[]));
    for (const listener of listeners) listener(told);
  }

  /** Everything may have changed: everybody who watches is told. */
  announceAll(change: string | null = null): void {
    this.announce(this.emitter.eventNames().map(String), { change, everywhere: true });
  }

  /** Watch sites and panels; returns how to stop. */
  watch(ids: readonly string[], onChange: Listener): () => void {
    for (const id of ids) this.emitter.on(id, onChange);
    return () => ids.forEach((id) => this.emitter.off(id, onChange));
  }
}
