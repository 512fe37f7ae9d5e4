import type { Profile } from '@phylaxon/core/facts/vocabulary';
import type { UndoRedo } from '@phylaxon/core/views/board';
import type { EntityManager } from 'typeorm';
import { conflict } from '../errors/index.ts';
import { among, EditTable, PanelEntryTable, type EditRow, type EntryRef } from '../store/index.ts';
import { newRowId, putRow, type Edit } from './edit.ts';
import { relog, strikeAll } from './entries.ts';
import * as messages from './messages.ts';

/** So many edits of a site can be undone; older ones stay as they are. */
const DEPTH = 500;

/** Remember an edit, so that it can be undone. What was undone before it can then no longer be redone. */
export async function remember(
  manager: EntityManager,
  siteId: string,
  label: string,
  edit: Edit,
  change: string | null = null,
) {
  if (change !== null && (await manager.existsBy(EditTable, { change }))) throw nameTaken();
  await manager.delete(EditTable, { siteId, undone: true });
  const row: EditRow = {
    id: newRowId(),
    siteId,
    at: new Date().toISOString(),
    label,
    panelIds: [...edit.panelIds],
    rows: edit.rows,
    added: edit.added,
    struck: edit.struck,
    undone: false,
    who: edit.who,
    change,
  };
  await manager.insert(EditTable, row);
  await manager.query(
    `DELETE FROM edit WHERE siteId = ? AND rowid NOT IN (SELECT rowid FROM edit WHERE siteId = ? ORDER BY rowid DESC LIMIT ?)`,
    [siteId, siteId, DEPTH],
  );
}

const nameTaken = () => conflict('change_taken', messages.anotherChangeHasThisIdGive);

/**
 * Whether an edit of this name was done already.
 *
 * @param about id of what it changes
 * @throws Refusal where the name is that of a change of something else
 */
export async function wasDone(manager: EntityManager, change: string, about: string): Promise<boolean> {
  const row = await manager.findOneBy(EditTable, { change });
  if (row && !JSON.stringify(row.rows).includes(about)) throw nameTaken();
  return row !== null;
}

const newestDone = (manager: EntityManager, siteId: string) => nextEdit(manager, siteId, false, 'DESC');
const oldestUndone = (manager: EntityManager, siteId: string) => nextEdit(manager, siteId, true, 'ASC');

const nextEdit = (manager: EntityManager, siteId: string, undone: boolean, order: 'ASC' | 'DESC') =>
  manager
    .createQueryBuilder(EditTable, 'e')
    .where({ siteId, undone })
    .orderBy('e.rowid', order)
    .limit(1)
    .getOne();

/** What undo would take back at a site, and redo bring again. */
export async function undoRedoOf(manager: EntityManager, siteId: string): Promise<UndoRedo> {
  const step = async (row: EditRow | null) =>
    row && !(await isFinal(manager, row)) ? { id: row.id, label: row.label } : null;
  return {
    undo: await step(await newestDone(manager, siteId)),
    redo: await step(await oldestUndone(manager, siteId)),
  };
}

/** Why a step of a visit is never struck. */
export const STEP_KEPT = messages.aVisitStepStaysOnRecord;

/** A step of a visit is neither undone nor done again: a later step answers it. */
async function isFinal(manager: EntityManager, { added }: EditRow): Promise<boolean> {
  const ids = added.filter(({ kind }) => kind === 'panelEntries').map(({ id }) => id);
  return ids.length > 0 && (await manager.existsBy(PanelEntryTable, { id: among(ids), kind: 'visit-step' }));
}

/**
 * The edit that an undo or a redo is about.
 *
 * @param editId the edit the person means; if another came since, nothing is done
 */
export async function editToStep(
  manager: EntityManager,
  siteId: string,
  direction: 'undo' | 'redo',
  editId: string,
): Promise<EditRow> {
  const row = await (direction === 'undo' ? newestDone : oldestUndone)(manager, siteId);
  if (row?.id !== editId) throw changedMeanwhile(direction);
  if (await isFinal(manager, row)) throw conflict('visit_step_kept', STEP_KEPT);
  return row;
}

const changedMeanwhile = (what: string) =>
  conflict('changed_meanwhile', messages.somethingWasChangedOnAnother(what));

/**
 * Take back the newest edit of a site. Rows of the drawing become what they were; entries, which are never
 * deleted, are struck, and those it had struck are logged again.
 *
 * @param row the edit, as `editToStep` gives it
 * @returns the edit, for its label and its panels
 */
export async function undo(manager: EntityManager, row: EditRow, who: Profile | null): Promise<EditRow> {
  for (const { table, id, before } of [...row.rows].reverse()) await putRow(manager, table, id, before);
  return swapEntries(manager, row, messages.undone(row.label), true, who);
}

/** Do the edit again that was undone last. */
export async function redo(manager: EntityManager, row: EditRow, who: Profile | null): Promise<EditRow> {
  for (const { table, id, after } of row.rows) await putRow(manager, table, id, after);
  return swapEntries(manager, row, messages.redone(row.label), false, who);
}

/** What stood is struck, what was struck stands again as a copy; every edit knows the copies from then on. */
async function swapEntries(
  manager: EntityManager,
  row: EditRow,
  why: string,
  undone: boolean,
  who: Profile | null,
) {
  await strikeAll(manager, undone ? row.added : row.struck, why, who);
  const copies = await relog(manager, undone ? row.struck : row.added);
  await manager.update(EditTable, { id: row.id }, { undone });
  if (copies.size > 0) await pointToCopies(manager, row.siteId, copies);
  return row;
}

async function pointToCopies(manager: EntityManager, siteId: string, copies: ReadonlyMap<string, string>) {
  const follow = (refs: EntryRef[]) => refs.map(({ kind, id }) => ({ kind, id: copies.get(id) ?? id }));
  const concerns = (refs: EntryRef[]) => refs.some(({ id }) => copies.has(id));
  for (const { id, added, struck } of await manager.findBy(EditTable, { siteId })) {
    if (!concerns(added) && !concerns(struck)) continue;
    await manager.update(EditTable, { id }, { added: follow(added), struck: follow(struck) });
  }
}

/** When the newest change on record was made, by the clock of then; null: there is none. */
export async function newestEditAt(manager: EntityManager): Promise<string | null> {
  const [row] = (await manager.query('SELECT max("at") AS "at" FROM "edit"')) as { at: string | null }[];
  return row?.at ?? null;
}
