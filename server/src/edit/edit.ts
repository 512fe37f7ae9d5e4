import { randomUUID } from 'node:crypto';
import type { Profile } from '@phylaxon/core/facts/vocabulary';
import type { EntityManager, EntitySchema } from 'typeorm';
import { invalidField, conflict } from '../errors/index.ts';
import {
  BreakerTable,
  CaseTable,
  CircuitTable,
  CurveTable,
  LoadTable,
  PanelTable,
  SiteTable,
  type BreakerRow,
  type CaseRow,
  type CircuitRow,
  type CurveRow,
  type EntryRef,
  type LoadRow,
  type PanelRow,
  type RowChange,
  type SiteRow,
} from '../store/index.ts';
import * as messages from './messages.ts';

/** The tables that make up the drawing of a site: what an edit may change, and undo bring back. */
export interface Drawn {
  site: SiteRow;
  panel: PanelRow;
  breaker: BreakerRow;
  circuit: CircuitRow;
  load: LoadRow;
  curve: CurveRow;
  case: CaseRow;
}
export type DrawnTable = keyof Drawn;

export const DRAWN: { [T in DrawnTable]: EntitySchema<Drawn[T]> } = {
  site: SiteTable,
  panel: PanelTable,
  breaker: BreakerTable,
  circuit: CircuitTable,
  load: LoadTable,
  curve: CurveTable,
  case: CaseTable,
};

/** Rows that others may point to for ever are marked as removed, not deleted. */
const KEPT: readonly DrawnTable[] = ['panel', 'breaker', 'case'];
const VERSIONED: readonly DrawnTable[] = ['site', 'panel', 'breaker', 'circuit', 'curve', 'case'];

type AnyTable = EntitySchema<{ id: string }>;
const tableOf = (table: DrawnTable) => DRAWN[table] as unknown as AnyTable;

/**
 * A row as it is to be from now on, whatever is there: written anew, changed back, or gone.
 *
 * @param wanted `null`: it is not to be there
 */
export async function putRow(
  manager: EntityManager,
  table: DrawnTable,
  id: string,
  wanted: object | null,
): Promise<void> {
  const now = await manager.findOneBy(tableOf(table), { id });
  if (wanted === null) {
    if (!now) return;
    if (KEPT.includes(table)) {
      await manager.update(tableOf(table), { id }, {
        ...nextVersion(table, now),
        removedAt: stamp(),
      } as object);
    } else await manager.delete(tableOf(table), { id });
  } else if (now) {
    const { id: _id, ...rest } = wanted as { id: string };
    await manager.update(tableOf(table), { id }, { ...rest, ...nextVersion(table, now) } as object);
  } else await manager.insert(tableOf(table), wanted as { id: string });
}

const stamp = () => new Date().toISOString();

const nextVersion = (table: DrawnTable, row: object) =>
  VERSIONED.includes(table) ? { version: (row as { version: number }).version + 1 } : {};

/** Whether a change leaves a row as it is: lists are compared by what they hold. */
const isNothingNew = (row: object, change: object) =>
  Object.entries(change).every(
    ([field, value]) => JSON.stringify((row as Record<string, unknown>)[field]) === JSON.stringify(value),
  );

/**
 * What one action changes, collected while it is done: every row of the drawing with what stood before,
 * every entry it logs or strikes. The drawing is written through this alone, so that all of it can be undone.
 */
export class Edit {
  readonly rows: RowChange[] = [];
  readonly added: EntryRef[] = [];
  readonly struck: EntryRef[] = [];
  readonly panelIds = new Set<string>();
  /** A step of a visit: it changes what others may not, and is final. */
  isOfVisit = false;

  /**
   * @param who who does it; null: not known
   * @param clock the clock of the device it is done at, ms since 1970; null: not told
   */
  constructor(
    readonly manager: EntityManager,
    readonly who: Profile | null = null,
    readonly clock: number | null = null,
  ) {}

  /** Whether anything at all was changed. */
  get isEmpty(): boolean {
    return this.rows.length + this.added.length + this.struck.length === 0;
  }

  /** A panel whose decisions may come out otherwise, and whose watchers are to be told. */
  touch(panelId: string): void {
    this.panelIds.add(panelId);
  }

  async insert<T extends DrawnTable>(table: T, row: Drawn[T]): Promise<void> {
    await this.manager.insert(tableOf(table), row);
    this.rows.push({ table, id: row.id, before: null, after: row });
  }

  async update<T extends DrawnTable>(table: T, id: string, change: Partial<Drawn[T]>): Promise<Drawn[T]> {
    const before = await this.rowOf(table, id);
    if (isNothingNew(before, change)) return before;
    const after = { ...before, ...change, ...nextVersion(table, before) };
    await this.manager.update(tableOf(table), { id }, { ...change, ...nextVersion(table, before) } as object);
    this.rows.push({ table, id, before, after });
    return after;
  }

  async remove<T extends DrawnTable>(table: T, id: string): Promise<void> {
    if (KEPT.includes(table)) {
      await this.update(table, id, { removedAt: stamp() } as unknown as Partial<Drawn[T]>);
      return;
    }
    const before = await this.rowOf(table, id);
    await this.manager.delete(tableOf(table), { id });
    this.rows.push({ table, id, before, after: null });
  }

  private async rowOf<T extends DrawnTable>(table: T, id: string): Promise<Drawn[T]> {
    return (await this.manager.findOneByOrFail(tableOf(table), { id })) as Drawn[T];
  }
}

/**
 * Refuse a change that was made from what has been changed since.
 *
 * @param what the thing, as a sentence begins: “This breaker”
 * @param basedOn the version the change was made from; it may be left out only where there is nothing yet
 */
export function refuseStale(what: string, current: { version: number } | null, basedOn?: number): void {
  if (basedOn === undefined && current) throw invalidField('version', messages.sendTheVersionThisChangeIs);
  if (basedOn === undefined || basedOn === (current?.version ?? 0)) return;
  throw conflict('changed_meanwhile', messages.wasChangedOnAnotherDeviceThe(what));
}

export const newRowId = () => randomUUID();
