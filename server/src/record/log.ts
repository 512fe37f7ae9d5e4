import { latestTaken } from '@phylaxon/core/record/clocks';
import {
  NOT_REPORTED,
  type eventInput,
  type inspectionInput,
  type noteInput,
  type observationInput,
  type readingInput,
  withError,
} from '@phylaxon/core/record/entities';
import type { EntityManager } from 'typeorm';
import type { z } from 'zod';
import { insertLogged, LOGGED, newRowId, strikeOf, type Edit, type LoggedRow } from '../edit/index.ts';
import { invalidField, notFound, conflict } from '../errors/index.ts';
import {
  BreakerTable,
  CaseTable,
  EventTable,
  PanelTable,
  StrikeTable,
  type BreakerRow,
  type EntryRef,
  type EventRow,
  type InspectionRow,
  type NoteRow,
  type ObservationRow,
  type PanelRow,
  type PhotoRow,
  type ReadingRow,
} from '../store/index.ts';
import { readSettings } from '../settings/index.ts';
import { breakerRow } from './breakers.ts';
import { panelRow, siteOfPanel } from './panelRows.ts';
import { refuseTurningOn, refuseVisitStrikes } from './visitGuard.ts';
import * as messages from './messages.ts';

/** Refuse a time that lies further ahead than any clock may be. */
export function notInFuture({ clock }: Edit, at: string, path: string): void {
  const now = Date.now();
  if (Date.parse(at) <= latestTaken(now, clock)) return;
  const told = messages.utc(new Date(now).toISOString().slice(0, 16).replace('T', ' '));
  throw invalidField(path, messages.thisTimeIsInTheFuture(told));
}

function stamp(edit: Edit, breakerId: string, input: { at: string; id?: string }, path: string) {
  notInFuture(edit, input.at, path);
  return { id: input.id ?? newRowId(), breakerId, loggedAt: new Date().toISOString(), who: edit.who };
}

/** What every row of a panel’s own log carries. */
export function stampOfPanel(edit: Edit, panelId: string, input: { at: string; id?: string }) {
  notInFuture(edit, input.at, 'at');
  return { id: input.id ?? newRowId(), panelId, loggedAt: new Date().toISOString(), who: edit.who };
}

/** What was found in a case belongs to one of the breaker’s own site. */
async function checkCase(
  { manager }: Edit,
  breakerId: string,
  caseId: string | null | undefined,
  path: string,
) {
  if (!caseId) return;
  const { panelId } = await breakerRow(manager, breakerId);
  const { siteId } = await panelRow(manager, panelId);
  if (!(await manager.existsBy(CaseTable, { id: caseId, siteId })))
    throw invalidField(path, messages.thereIsNoSuchCaseAt);
}

/** Where an entry with this id is on record already, whatever kind it is of. */
export async function entryById(
  manager: EntityManager,
  id: string,
): Promise<{ kind: EntryRef['kind']; row: LoggedRow } | null> {
  for (const kind of Object.keys(LOGGED) as EntryRef['kind'][]) {
    const row = await manager.findOneBy(LOGGED[kind].table, { id });
    if (row) return { kind, row };
  }
  return null;
}

/** Whether what is sent is what is on record, but for when it was logged and by whom. */
const isSame = (sent: LoggedRow, kept: LoggedRow) =>
  Object.entries(sent).every(
    ([field, value]) =>
      field === 'loggedAt' ||
      field === 'who' ||
      JSON.stringify(value ?? null) === JSON.stringify((kept as unknown as Record<string, unknown>)[field]),
  );

export const idTaken = (path: string) => {
  const message = messages.anotherEntryHasThisIdGive;
  return conflict('id_taken', message, [{ path, message }]);
};

/** Each id its sender gave is given once. */
export function givenOnce(inputs: readonly { id?: string | undefined }[], path: (i: number) => string): void {
  const seen = new Set<string>();
  inputs.forEach(({ id }, i) => {
    if (id === undefined) return;
    if (seen.has(id)) throw invalidField(path(i), messages.thisIdIsUsedTwiceGive);
    seen.add(id);
  });
}

/** Log rows; one that was sent before, with the id its sender gave it and the same content, is not stored twice. */
async function log<R extends LoggedRow>(
  edit: Edit,
  kind: EntryRef['kind'],
  breakerId: string,
  rows: readonly { row: R; given: boolean }[],
  path: (i: number) => string = () => 'id',
  onInserted?: (count: number) => void,
) {
  const { panelId } = await breakerRow(edit.manager, breakerId);
  await logRows(edit, kind, panelId, rows, path, onInserted);
}

/** Log a row of a panel’s own log. */
export const logOfPanel = (edit: Edit, panelId: string, row: LoggedRow, given: boolean) =>
  logRows(edit, 'panelEntries', panelId, [{ row, given }], () => 'id');

async function logRows<R extends LoggedRow>(
  edit: Edit,
  kind: EntryRef['kind'],
  panelId: string,
  rows: readonly { row: R; given: boolean }[],
  path: (i: number) => string,
  onInserted?: (count: number) => void,
) {
  edit.touch(panelId);
  const fresh: R[] = [];
  for (const [i, { row, given }] of rows.entries()) {
    const known = given ? await entryById(edit.manager, row.id) : null;
    if (!known) fresh.push(row);
    else if (known.kind !== kind || !isSame(row, known.row)) throw idTaken(path(i));
  }
  await insertLogged(edit.manager, kind, fresh, onInserted);
  edit.added.push(...fresh.map(({ id }) => ({ kind, id })));
}

/**
 * Log readings taken together: all of them, or none.
 *
 * @param path where in what was sent the reading stands, to name its fields
 * @param onInserted called with how many went in since; it may throw to give up
 */
export async function logReadings(
  edit: Edit,
  breakerId: string,
  inputs: z.output<typeof readingInput>[],
  path: (i: number) => string = (i) => `readings.${i}`,
  onInserted?: (count: number) => void,
) {
  givenOnce(inputs, (i) => `${path(i)}.id`);
  for (const caseId of new Set(inputs.map((input) => input.caseId))) {
    const i = inputs.findIndex((input) => input.caseId === caseId);
    await checkCase(edit, breakerId, caseId, `${path(i)}.caseId`);
  }
  const { instruments } = await readSettings(edit.manager);
  const rows = inputs.map((input, i) => {
    const row: ReadingRow = {
      ambientC: null,
      ...withError(input, instruments),
      ...stamp(edit, breakerId, input, `${path(i)}.at`),
    };
    return { row, given: input.id !== undefined };
  });
  await log(edit, 'readings', breakerId, rows, (i) => `${path(i)}.id`, onInserted);
  return rows.map(({ row }) => row);
}

/** A field of what was sent, where it stands within something larger. */
const fieldAt = (path: string, field: string) => (path === '' ? field : `${path}.${field}`);

/** @param path where in what was sent the event stands, to name its fields */
export async function logEvent(edit: Edit, breakerId: string, input: z.output<typeof eventInput>, path = '') {
  await checkCase(edit, breakerId, input.caseId, fieldAt(path, 'caseId'));
  const row: EventRow = {
    ...NOT_REPORTED,
    ...input,
    ...stamp(edit, breakerId, input, fieldAt(path, 'at')),
  };
  // What was sent before is on record already.
  if (input.id === undefined || !(await edit.manager.existsBy(EventTable, { id: input.id })))
    await refuseTurningOn(edit.manager, await breakerRow(edit.manager, breakerId), row);
  await log(edit, 'events', breakerId, [{ row, given: input.id !== undefined }], () => fieldAt(path, 'id'));
  return row;
}

/** @param path where in what was sent the observation stands, to name its fields */
export async function logObservation(
  edit: Edit,
  breakerId: string,
  input: z.output<typeof observationInput>,
  path = '',
) {
  await checkCase(edit, breakerId, input.caseId, fieldAt(path, 'caseId'));
  const row: ObservationRow = { ...input, ...stamp(edit, breakerId, input, fieldAt(path, 'at')) };
  const given = input.id !== undefined;
  await log(edit, 'observations', breakerId, [{ row, given }], () => fieldAt(path, 'id'));
  return row;
}

export async function logInspection(edit: Edit, breakerId: string, input: z.output<typeof inspectionInput>) {
  await checkCase(edit, breakerId, input.caseId, 'caseId');
  const row: InspectionRow = { ...input, ...stamp(edit, breakerId, input, 'at') };
  await log(edit, 'inspections', breakerId, [{ row, given: input.id !== undefined }]);
  return row;
}

export async function logNote(edit: Edit, breakerId: string, input: z.output<typeof noteInput>) {
  const row: NoteRow = { ...input, ...stamp(edit, breakerId, input, 'at') };
  await log(edit, 'notes', breakerId, [{ row, given: input.id !== undefined }]);
  return row;
}

/** Log a picture whose file is kept already. */
export async function logPhoto(
  edit: Edit,
  breakerId: string,
  input: { id?: string; at: string; note: string },
  file: Pick<PhotoRow, 'sha256' | 'bytes' | 'width' | 'height'>,
) {
  const row: PhotoRow = { at: input.at, note: input.note, ...file, ...stamp(edit, breakerId, input, 'at') };
  await log(edit, 'photos', breakerId, [{ row, given: input.id !== undefined }]);
  return row;
}

/** Strike a row: it stays as it was and no longer counts. The same strike, sent twice, is one. */
export async function strike(edit: Edit, ref: EntryRef, why: string, replacedBy: string | null) {
  const { column, of } = LOGGED[ref.kind];
  if (!edit.isOfVisit)
    await refuseVisitStrikes(edit.manager, await siteOfEntry(edit.manager, ref, of), [ref]);
  const known = await edit.manager.findOneBy(StrikeTable, { [column]: ref.id });
  if (known?.why === why && known.replacedBy === replacedBy) return;
  if (known) throw conflict('already_struck', messages.thisEntryIsAlreadyVoid);
  await edit.manager.insert(StrikeTable, strikeOf(ref, why, replacedBy, edit.who));
  edit.struck.push(ref);
}

/** The breaker a logged row belongs to, whether it is still in its panel or not. */
export async function breakerOfEntry(manager: EntityManager, ref: EntryRef): Promise<BreakerRow> {
  const { breakerId } = (await loggedRow(manager, ref)) as LoggedRow & { breakerId: string };
  return manager.findOneByOrFail(BreakerTable, { id: breakerId });
}

/** The panel whose own log a row belongs to. */
export async function panelOfEntry(manager: EntityManager, id: string): Promise<PanelRow> {
  const { panelId } = (await loggedRow(manager, { kind: 'panelEntries', id })) as LoggedRow & {
    panelId: string;
  };
  return manager.findOneByOrFail(PanelTable, { id: panelId });
}

const siteOfEntry = async (manager: EntityManager, ref: EntryRef, of: 'breakerId' | 'panelId') =>
  of === 'panelId'
    ? (await panelOfEntry(manager, ref.id)).siteId
    : siteOfPanel(manager, (await breakerOfEntry(manager, ref)).panelId);

async function loggedRow(manager: EntityManager, { kind, id }: EntryRef): Promise<LoggedRow> {
  const row = await manager.findOneBy(LOGGED[kind].table, { id });
  if (!row) throw notFound(messages.thisEntry);
  return row;
}
