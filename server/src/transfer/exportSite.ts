import {
  SITE_FILE_FORMAT,
  SITE_FILE_VERSION,
  type RowPages,
  type SiteFile,
  type SiteList,
} from '@phylaxon/core/views/siteFile';
import type { EntityManager, EntitySchema } from 'typeorm';
import { LOGGED } from '../edit/index.ts';
import { circuitsOf, curvesOf, siteRow } from '../record/index.ts';
import {
  among,
  BreakerTable,
  CaseTable,
  EventTable,
  InspectionTable,
  NoteTable,
  ObservationTable,
  PanelEntryTable,
  PanelTable,
  PhotoTable,
  ReadingTable,
  type CaseRow,
  type EventRow,
  type InspectionRow,
  type ObservationRow,
  type ReadingRow,
  type StrikeRow,
  type VerdictRow,
} from '../store/index.ts';

interface Dated {
  id: string;
  breakerId: string;
  at: string;
}

/** Of a site: one panel as drawn, and the log of some breakers. */
export interface SitePart {
  panelId: string;
  logOf: readonly string[];
}

/** So many rows are held at a time of what there may be very many of. */
const PAGE_ROWS = 2000;

/** All rows of a table that belong to these breakers, in pages; the order is found once, by row numbers alone. */
async function* ofBreakers<R>(
  manager: EntityManager,
  table: string,
  breakerIds: readonly string[],
  order: string,
): AsyncGenerator<R[]> {
  const numbers = (
    (await manager.query(
      `SELECT r.rowid AS n FROM json_each(?) b CROSS JOIN "${table}" r ON r.breakerId = b.value ORDER BY ${order}`,
      [JSON.stringify(breakerIds)],
    )) as { n: number }[]
  ).map(({ n }) => n);
  for (let i = 0; i < numbers.length; i += PAGE_ROWS)
    yield (await manager.query(
      `SELECT r.* FROM json_each(?) n CROSS JOIN "${table}" r ON r.rowid = n.value ORDER BY n.key`,
      [JSON.stringify(numbers.slice(i, i + PAGE_ROWS))],
    )) as R[];
}

/** What was logged, in an order that never changes; there may be very much. */
async function* logged<R extends Dated>(
  manager: EntityManager,
  table: EntitySchema<R>,
  breakerIds: readonly string[],
  inFile: (row: R) => object = (row) => row,
): AsyncGenerator<object[]> {
  const pages = ofBreakers<R>(manager, table.options.name!, breakerIds, 'r.at, r.loggedAt, r.id');
  for await (const rows of pages) yield rows.map(inFile);
}

/** A list of which there are few, as one page. */
async function* atOnce(read: () => Promise<readonly object[]>): AsyncGenerator<readonly object[]> {
  yield await read();
}

/** A reading as a file carries it: the air around it with temperatures only. */
function readingInFile({ ambientC, ...row }: ReadingRow) {
  const simulated = Boolean(row.simulated);
  return row.quantity === 'temperature' ? { ...row, simulated, ambientC } : { ...row, simulated };
}

/** An event as a file carries it: what its kind has. */
function eventInFile(row: EventRow) {
  const { id, breakerId, kind, at, loggedAt, note, caseId, position, feel, result, power, ...more } = row;
  const { unplugged, simulated, connected, history, ...rest } = more;
  // SQLite knows no booleans and no lists.
  const circumstances = { ...rest, unplugged: Boolean(unplugged), connected: listOf(connected) };
  const entry = { id, breakerId, kind, at, loggedAt, note, caseId, simulated: Boolean(simulated) };
  if (kind === 'handle') return { ...entry, position };
  if (kind === 'no-trip') {
    const { amps, afterSeconds, preloadAmps, ambientC } = rest;
    return { ...entry, amps, afterSeconds, preloadAmps, ambientC, history: listOf(history) };
  }
  return kind === 'reset'
    ? { ...entry, feel, result, power, ...circumstances }
    : { ...entry, ...circumstances, history: listOf(history) };
}

const observationInFile = (row: ObservationRow) => ({ ...row, simulated: Boolean(row.simulated) });

const inspectionInFile = ({ found, ...row }: InspectionRow) => ({
  ...row,
  simulated: Boolean(row.simulated),
  found: JSON.parse(found as unknown as string) as object,
});

/** A list as SQLite gives it: JSON text. */
const listOf = (text: unknown) => (typeof text === 'string' ? (JSON.parse(text) as unknown) : null);

/** A case as a file carries it. */
const caseInFile = ({ siteId: _siteId, decision, ...row }: CaseRow) => ({
  ...row,
  decision: decision === null ? null : (JSON.parse(decision) as object),
});

const curvesInFile = async (manager: EntityManager, siteId: string) =>
  (await curvesOf(manager, siteId)).map(({ siteId: _siteId, ...curve }) => curve);

const casesInFile = async (manager: EntityManager, siteId: string) =>
  (await manager.find(CaseTable, { where: { siteId }, order: { openedAt: 'ASC', id: 'ASC' } })).map(
    caseInFile,
  );

const panelEntriesOf = (manager: EntityManager, panelIds: readonly string[]) =>
  manager.find(PanelEntryTable, {
    where: { panelId: among(panelIds) },
    order: { at: 'ASC', loggedAt: 'ASC', id: 'ASC' },
  });

async function strikesInFile(
  manager: EntityManager,
  breakerIds: readonly string[],
  panelIds: readonly string[],
): Promise<SiteFile['strikes']> {
  const lists = [];
  for (const kind of Object.keys(LOGGED) as (keyof typeof LOGGED)[]) {
    const { table, column, of } = LOGGED[kind];
    const rows = (await manager.query(
      `SELECT s.* FROM strike s JOIN "${table.options.name}" r ON r.id = s.${column}
       WHERE r.${of} IN (SELECT value FROM json_each(?))`,
      [JSON.stringify(of === 'panelId' ? panelIds : breakerIds)],
    )) as StrikeRow[];
    lists.push(
      ...rows.map(({ id, at, why, replacedBy, who, [column]: entryId }) => ({
        id,
        kind,
        entryId: entryId as string,
        at,
        why,
        replacedBy,
        who,
      })),
    );
  }
  return lists.sort((a, b) => a.at.localeCompare(b.at) || a.id.localeCompare(b.id));
}

async function* verdictsInFile(manager: EntityManager, breakerIds: readonly string[]) {
  for await (const rows of ofBreakers<VerdictRow>(manager, 'verdict', breakerIds, 'r.rowid'))
    yield rows.map(({ id, breakerId, at, engine, decision }) => ({
      ...{ id, breakerId, at, engine },
      decision: JSON.parse(decision) as object,
    }));
}

/** A site as it is written to a file: what stands first, and its lists in pages. */
export interface SitePages {
  head: Pick<SiteFile, 'format' | 'version' | 'site'>;
  lists: [name: SiteList, pages: RowPages][];
}

/**
 * What is on record of a site, read as it is asked for.
 *
 * @param part what of it; everything, if left out
 */
export async function sitePages(manager: EntityManager, siteId: string, part?: SitePart): Promise<SitePages> {
  const site = await siteRow(manager, siteId);
  const order = { createdAt: 'ASC', id: 'ASC' } as const;
  const panels = await manager.find(PanelTable, {
    where: { siteId, ...(part && { id: part.panelId }) },
    order,
  });
  const breakers = await manager.find(BreakerTable, {
    where: { panelId: among(panels.map(({ id }) => id)) },
    order,
  });
  const logOf = part?.logOf ?? breakers.map(({ id }) => id);
  // A part of a site is what a case stands on: its panel as drawn, not what is logged of the whole panel.
  const panelLogOf = part ? [] : panels.map(({ id }) => id);
  return {
    head: { format: SITE_FILE_FORMAT, version: SITE_FILE_VERSION, site },
    lists: [
      ['panels', atOnce(() => Promise.resolve(panels.map(({ siteId: _siteId, ...panel }) => panel)))],
      ['breakers', atOnce(() => Promise.resolve(breakers))],
      ['circuits', atOnce(() => circuitsInFile(manager, breakers))],
      ['curves', atOnce(() => curvesInFile(manager, siteId))],
      ['cases', atOnce(() => casesInFile(manager, siteId))],
      ['readings', logged(manager, ReadingTable, logOf, readingInFile)],
      ['events', logged(manager, EventTable, logOf, eventInFile)],
      ['observations', logged(manager, ObservationTable, logOf, observationInFile)],
      ['inspections', logged(manager, InspectionTable, logOf, inspectionInFile)],
      ['notes', logged(manager, NoteTable, logOf)],
      ['photos', logged(manager, PhotoTable, logOf)],
      ['panelEntries', atOnce(() => panelEntriesOf(manager, panelLogOf))],
      ['strikes', atOnce(() => strikesInFile(manager, logOf, panelLogOf))],
      ['verdicts', verdictsInFile(manager, logOf)],
    ],
  };
}

/** In the order of their breakers. */
async function circuitsInFile(manager: EntityManager, breakers: readonly { id: string }[]) {
  const ids = breakers.map(({ id }) => id);
  const circuits = await circuitsOf(manager, ids);
  return ids.flatMap((id) => circuits.get(id) ?? []);
}

/** What is on record of a site, or of a part of it, at once. */
export async function siteFileOf(manager: EntityManager, siteId: string, part?: SitePart): Promise<SiteFile> {
  const { head, lists } = await sitePages(manager, siteId, part);
  const file: Record<string, unknown> = { ...head };
  for (const [name, pages] of lists) {
    const all: object[] = [];
    for await (const rows of pages) all.push(...rows);
    file[name] = all;
  }
  return file as unknown as SiteFile;
}
