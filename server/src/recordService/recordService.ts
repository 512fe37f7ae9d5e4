import type { Profile } from '@phylaxon/core/facts/vocabulary';
import type { EntityManager } from 'typeorm';
import { isEvidence } from '../breakerRecords/index.ts';
import type { Changes } from '../changes/index.ts';
import { Edit, editToStep, redo, remember, undo, wasDone } from '../edit/index.ts';
import { refuseAgainstVisits, refuseVisitStrikes, siteOfPanel, siteRow } from '../record/index.ts';
import type { CaseRow, EditRow, RowChange, Store } from '../store/index.ts';
import { redecideAll, redecidePanel } from './redecide.ts';

/** What came of an edit: the answer, and what a person who would undo it calls it. */
export interface Done<T> {
  label: string;
  result: T;
  /** Where the edit touches no panel. */
  siteId?: string;
}

/** Who changes something, and what they call the change. */
export interface Author {
  who: Profile;
  change: string | null;
  /** The clock of their device, ms since 1970; null: not told. */
  clock: number | null;
}

/**
 * The record, changed the one right way: the change, the decisions it brings and what it takes to undo it
 * are one transaction, and those who watch are told once it is kept.
 */
export class RecordService {
  constructor(
    private readonly store: Store,
    private readonly changes: Changes,
  ) {}

  /** Read, seeing only what is committed. */
  read<T>(work: (manager: EntityManager) => Promise<T>): Promise<T> {
    return this.store.read(work);
  }

  /**
   * Change something of a site’s panels.
   *
   * @param by who does it; null: not known
   */
  async change<T>(work: (edit: Edit) => Promise<Done<T>>, by: Author | null = null): Promise<T> {
    const { result, told, everywhere } = await this.store.write(async (manager) => {
      const edit = new Edit(manager, by?.who ?? null, by?.clock ?? null);
      const done = await work(edit);
      const panelIds = [...edit.panelIds];
      const siteId = done.siteId ?? (await siteOfPanel(manager, panelIds[0]!));
      if (!edit.isOfVisit) await refuseAgainstVisits(manager, siteId, edit.rows, true);
      if (!edit.isEmpty) await remember(manager, siteId, done.label, edit, by?.change);
      const everywhere = await redecide(manager, panelIds, edit);
      return { result: done.result, told: edit.isEmpty ? [] : [siteId, ...panelIds], everywhere };
    });
    this.tell(told, everywhere, by);
    return result;
  }

  /** Take back the newest edit of a site, or do again what was taken back last. */
  async step(
    siteId: string,
    direction: 'undo' | 'redo',
    editId: string,
    by: Author | null = null,
  ): Promise<EditRow> {
    const { row, everywhere } = await this.store.write(async (manager) => {
      await siteRow(manager, siteId);
      const row = await editToStep(manager, siteId, direction, editId);
      await refuseAgainstVisits(manager, siteId, row.rows, false);
      await refuseVisitStrikes(manager, siteId, direction === 'undo' ? row.added : row.struck);
      const stepped = await (direction === 'undo' ? undo : redo)(manager, row, by?.who ?? null);
      return { row: stepped, everywhere: await redecide(manager, stepped.panelIds, stepped) };
    });
    this.tell([siteId, ...row.panelIds], everywhere, by);
    return row;
  }

  /** Whether a change of this name was made already: its answer was lost on the way, and it was sent again. */
  wasDone(change: string, about: string): Promise<boolean> {
    return this.store.read((manager) => wasDone(manager, change, about));
  }

  private tell(ids: readonly string[], everywhere: boolean, by: Author | null): void {
    const change = by?.change ?? null;
    if (everywhere) this.changes.announceAll(change);
    else this.changes.announce(ids, { change, everywhere });
  }
}

/**
 * Decide anew in the panels that were changed; everywhere, where earlier cases teach something else from now on; nowhere,
 * where only a note, a picture or the like was added.
 *
 * @returns whether it was everywhere
 */
async function redecide(
  manager: EntityManager,
  panelIds: readonly string[],
  { rows, added, struck }: Pick<EditRow, 'rows' | 'added' | 'struck'>,
): Promise<boolean> {
  if (rows.length === 0 && ![...added, ...struck].some(isEvidence)) return false;
  const everywhere = rows.some(teachesOtherwise);
  if (everywhere) await redecideAll(manager);
  else for (const panelId of panelIds) await redecidePanel(manager, panelId);
  return everywhere;
}

/** Whether what a case was confirmed to have been is another than before. */
function teachesOtherwise({ table, before, after }: RowChange): boolean {
  if (table !== 'case') return false;
  const confirmed = (row: object | null) => JSON.stringify((row as CaseRow | null)?.confirmed ?? null);
  return confirmed(before) !== confirmed(after);
}
