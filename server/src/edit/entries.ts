import type { Profile } from '@phylaxon/core/facts/vocabulary';
import type { EntityManager, EntitySchema } from 'typeorm';
import {
  among,
  EventTable,
  InspectionTable,
  insertMany,
  NoteTable,
  ObservationTable,
  PanelEntryTable,
  PhotoTable,
  ReadingTable,
  StrikeTable,
  type EntryRef,
  type StrikeRow,
} from '../store/index.ts';
import { newRowId } from './edit.ts';

/** A row of the log, whatever it holds, of a breaker or of a panel. */
export interface LoggedRow {
  id: string;
  at: string;
  loggedAt: string;
}

type Logged = EntitySchema<LoggedRow>;

/** What is logged: the table it stands in, what it is of, the strike’s column for it, and how a person calls it. */
export const LOGGED: Record<
  EntryRef['kind'],
  { table: Logged; of: 'breakerId' | 'panelId'; column: keyof StrikeRow & `${string}Id`; name: string }
> = {
  readings: {
    table: ReadingTable as unknown as Logged,
    of: 'breakerId',
    column: 'readingId',
    name: 'reading',
  },
  events: { table: EventTable as unknown as Logged, of: 'breakerId', column: 'eventId', name: 'event' },
  observations: {
    table: ObservationTable as unknown as Logged,
    of: 'breakerId',
    column: 'observationId',
    name: 'observation',
  },
  inspections: {
    table: InspectionTable as unknown as Logged,
    of: 'breakerId',
    column: 'inspectionId',
    name: 'inspection',
  },
  notes: { table: NoteTable as unknown as Logged, of: 'breakerId', column: 'noteId', name: 'note' },
  photos: { table: PhotoTable as unknown as Logged, of: 'breakerId', column: 'photoId', name: 'photo' },
  panelEntries: {
    table: PanelEntryTable as unknown as Logged,
    of: 'panelId',
    column: 'panelEntryId',
    name: 'entry',
  },
};

/** SQLite takes so many parameters in one statement. */
const BATCH = 400;

function* batches<T>(list: readonly T[]): Generator<T[]> {
  for (let i = 0; i < list.length; i += BATCH) yield list.slice(i, i + BATCH);
}

const byKind = (refs: readonly EntryRef[]) =>
  (Object.keys(LOGGED) as EntryRef['kind'][]).map((kind) => ({
    kind,
    ids: refs.filter((ref) => ref.kind === kind).map((ref) => ref.id),
  }));

/** A strike of one logged row: it stays as it was and no longer counts. */
export const strikeOf = (
  ref: EntryRef,
  why: string,
  replacedBy: string | null,
  who: Profile | null,
): StrikeRow => ({
  id: newRowId(),
  readingId: null,
  eventId: null,
  observationId: null,
  inspectionId: null,
  noteId: null,
  photoId: null,
  panelEntryId: null,
  [LOGGED[ref.kind].column]: ref.id,
  at: new Date().toISOString(),
  why,
  replacedBy,
  who,
});

export async function strikeAll(
  manager: EntityManager,
  refs: readonly EntryRef[],
  why: string,
  who: Profile | null,
) {
  for (const batch of batches(refs)) {
    await manager.insert(
      StrikeTable,
      batch.map((ref) => strikeOf(ref, why, null, who)),
    );
  }
}

/** Log entries again as they were, under new ids; returns the new id of each. */
export async function relog(manager: EntityManager, refs: readonly EntryRef[]): Promise<Map<string, string>> {
  const fresh = new Map<string, string>();
  for (const { kind, ids } of byKind(refs)) {
    for (const batch of batches(ids)) {
      const rows = await manager.find(LOGGED[kind].table, {
        where: { id: among(batch) },
        order: { at: 'ASC' },
      });
      const loggedAt = new Date().toISOString();
      const copies = rows.map((row) => {
        const id = newRowId();
        fresh.set(row.id, id);
        return { ...row, id, loggedAt };
      });
      await insertLogged(manager, kind, copies);
    }
  }
  return fresh;
}

/** Insert rows of the log, however many. */
export const insertLogged = <R extends LoggedRow>(
  manager: EntityManager,
  kind: EntryRef['kind'],
  rows: readonly R[],
  onInserted?: (count: number) => void,
): Promise<void> => insertMany(manager, LOGGED[kind].table.options.name, rows, onInserted);
