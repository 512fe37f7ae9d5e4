import { EventEmitter } from 'node:events';

/** Tells whoever watches a site or a panel that something in it has changed. */
export class Changes {
  private readonly emitter = new EventEmitter().setMaxListeners(0);

  /** Something in each of these has changed; who watches several of them is told once. */
  announce(...ids: string[]): void {
    const told = new Set(ids.flatMap((id) => this.emitter.listeners(id)));
    for (const listener of told) listener();
  }

  /** Everything may have changed: everybody who watches is told. */
  announceAll(): void {
    this.announce(...this.emitter.eventNames().map(String));
  }

  /** Watch sites and panels; returns how to stop. */
  watch(ids: readonly string[], onChange: () => void): () => void {
    for (const id of ids) this.emitter.on(id, onChange);
    return () => ids.forEach((id) => this.emitter.off(id, onChange));
  }
}
