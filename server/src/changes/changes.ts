import { EventEmitter } from 'node:events';

/** Tells whoever watches a panel that something in it has changed. */
export class Changes {
  private readonly emitter = new EventEmitter().setMaxListeners(0);

  announce(panelId: string): void {
    this.emitter.emit(panelId);
  }

  /** Watch a panel; returns how to stop. */
  watch(panelId: string, onChange: () => void): () => void {
    this.emitter.on(panelId, onChange);
    return () => this.emitter.off(panelId, onChange);
  }
}
