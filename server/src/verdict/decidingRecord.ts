import type { EntityManager } from 'typeorm';
import type { Changes } from '../changes/index.ts';
import { breakerRow } from '../record/index.ts';
import type { Store } from '../store/index.ts';
import { redecidePanel } from './redecide.ts';

/** A change to what a panel holds: which panel it is, and what came of it. */
type PanelWork<T> = (manager: EntityManager) => Promise<{ panelId: string; result: T }>;

/**
 * The record, changed the one right way: the change and the decisions it brings are one transaction,
 * and those who watch the panel are told once it is kept.
 */
export class DecidingRecord {
  constructor(
    private readonly store: Store,
    private readonly changes: Changes,
  ) {}

  /** Read, seeing only what is committed. */
  read<T>(work: (manager: EntityManager) => Promise<T>): Promise<T> {
    return this.store.read(work);
  }

  /** Change something of a panel. */
  async change<T>(work: PanelWork<T>): Promise<T> {
    const { panelId, result } = await this.store.write(async (manager) => {
      const done = await work(manager);
      await redecidePanel(manager, done.panelId);
      return done;
    });
    this.changes.announce(panelId);
    return result;
  }

  /** Change something of a breaker that is in a panel. */
  changeBreaker<T>(breakerId: string, work: (manager: EntityManager) => Promise<T>): Promise<T> {
    return this.change(async (manager) => {
      const { panelId } = await breakerRow(manager, breakerId);
      return { panelId, result: await work(manager) };
    });
  }
}
