import {
  serializeSiteFile,
  SITE_FILE_FORMAT,
  SITE_FILE_VERSION,
  type SiteFile,
} from '@phylaxon/core/views/siteFile';
import { type EntityManager, type EntitySchema } from 'typeorm';
import { LOGGED } from '../edit/index.ts';
import { circuitOf, curvesOf, siteRow } from '../record/index.ts';
import {
  among,
  BreakerTable,
  CaseTable,
  CircuitTable,
  EventTable,
  InspectionTable,
  LoadTable,
  NoteTable,
  ObservationTable,
  PanelEntryTable,
  PanelTable,
  PhotoTable,
  ReadingTable,
  type CaseRow,
  type EventRow,
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

/** All rows of a table that belong to these breakers. */
const ofBreakers = async <R>(
  manager: EntityManager,
  table: string,
  breakerIds: readonly string[],
  order: string,
): Promise<R[]> =>
  (await manager.query(
    `SELECT r.* FROM json_each(?) b CROSS JOIN "${table}" r ON r.breakerId = b.value ORDER BY ${order}`,
    [JSON.stringify(breakerIds)],
  )) as R[];

/** What was logged, in an order that never changes; there may be very much. */
const logged = <R extends Dated>(
  manager: EntityManager,
  table: EntitySchema<R>,
  breakerIds: readonly string[],
): Promise<R[]> => ofBreakers<R>(manager, table.options.name!, breakerIds, 'r.at, r.loggedAt, r.id');

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

/** A list as SQLite gives it: JSON text. */
const listOf = (text: unknown) => (typeof text === 'string' ? (JSON.parse(text) as unknown) : null);

/** A case as a file carries it. */
const caseInFile = ({ siteId: _siteId, decision, ...row }: CaseRow) => ({
  ...row,
  decision: decision === null ? null : (JSON.parse(decision) as object),
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

/**
 * What is on record of a site.
 *
 * @param part what of it; everything, if left out
 */
export async function siteFileOf(manager: EntityManager, siteId: string, part?: SitePart): Promise<SiteFile> {
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
  const position = new Map(breakers.map(({ id }, i) => [id, i]));
  const circuits = await manager.findBy(CircuitTable, { breakerId: among([...position.keys()]) });
  const loads = await manager.find(LoadTable, {
    where: { circuitId: among(circuits.map(({ id }) => id)) },
    order: { position: 'ASC' },
  });
  const verdicts = await ofBreakers<VerdictRow>(manager, 'verdict', logOf, 'r.rowid');
  const cases = await manager.find(CaseTable, { where: { siteId }, order: { openedAt: 'ASC', id: 'ASC' } });
  const file = {
    format: SITE_FILE_FORMAT,
    version: SITE_FILE_VERSION,
    site,
    panels: panels.map(({ siteId: _siteId, ...panel }) => panel),
    breakers,
    circuits: circuits
      .sort((a, b) => position.get(a.breakerId)! - position.get(b.breakerId)!)
      .map((row) =>
        circuitOf(
          row,
          loads.filter((load) => load.circuitId === row.id),
        ),
      ),
    curves: (await curvesOf(manager, siteId)).map(({ siteId: _siteId, ...curve }) => curve),
    cases: cases.map(caseInFile),
    readings: (await logged(manager, ReadingTable, logOf)).map(readingInFile),
    events: (await logged(manager, EventTable, logOf)).map(eventInFile),
    observations: (await logged(manager, ObservationTable, logOf)).map((row) => ({
      ...row,
      simulated: Boolean(row.simulated),
    })),
    inspections: (await logged(manager, InspectionTable, logOf)).map(({ found, ...row }) => ({
      ...row,
      simulated: Boolean(row.simulated),
      found: JSON.parse(found as unknown as string) as object,
    })),
    notes: await logged(manager, NoteTable, logOf),
    photos: await logged(manager, PhotoTable, logOf),
    panelEntries: await manager.find(PanelEntryTable, {
      where: { panelId: among(panelLogOf) },
      order: { at: 'ASC', loggedAt: 'ASC', id: 'ASC' },
    }),
    strikes: await strikesInFile(manager, logOf, panelLogOf),
    verdicts: verdicts.map(({ id, breakerId, at, engine, decision }) => ({
      id,
      breakerId,
      at,
      engine,
      decision: JSON.parse(decision) as object,
    })),
  };
  return file as SiteFile;
}

/** A site as text, always the same for the same site. */
export const exportText = async (manager: EntityManager, siteId: string): Promise<string> =>
  serializeSiteFile(await siteFileOf(manager, siteId));
