import { familyBand, judgedTrips } from '@phylaxon/core/diagnosis/evidence';
import {
  TIMELINE_KINDS,
  type Timeline,
  type TimelineEntry,
  type TimelineKind,
  type TimelineQuery,
} from '@phylaxon/core/views/timeline';
import { sayOutcome } from '@phylaxon/core/facts/vocabulary';
import {
  sayInspection,
  type Breaker,
  type BreakerEvent,
  type Observation,
} from '@phylaxon/core/record/entities';
import { type EntityManager, type EntitySchema, type ObjectLiteral, type SelectQueryBuilder } from 'typeorm';
import { LOGGED } from '../edit/index.ts';
import {
  breakerOf,
  curvesOf,
  eventOf,
  inspectionOf,
  noteOf,
  observationOf,
  photoOf,
  readingOf,
  strikesById,
  type Struck,
} from '../record/index.ts';
import {
  among,
  BreakerTable,
  EventTable,
  InspectionTable,
  NoteTable,
  ObservationTable,
  PanelTable,
  PhotoTable,
  ReadingTable,
  StrikeTable,
  VerdictTable,
  type BreakerRow,
  type EntryRef,
  type InspectionRow,
  type StrikeRow,
} from '../store/index.ts';
import { verdictOf } from '../recordService/index.ts';

/** Which entries are asked for. */
export interface EntryFilter {
  breakerIds: readonly string[];
  from?: string;
  to?: string;
  /** Words the entry itself must hold, in lower case. */
  words: readonly string[];
  /** Only what sorts after this place, newest first. */
  before?: string;
  limit: number;
}

/** The place of an entry in the order of a timeline: `<at> <id>`. */
const placeIn = ({ at, id }: TimelineEntry) => `${at} ${id}`;

function page<R extends ObjectLiteral>(
  manager: EntityManager,
  table: EntitySchema<R>,
  wanted: EntryFilter,
): SelectQueryBuilder<R> {
  const query = manager
    .createQueryBuilder(table, 'r')
    .where(`r.breakerId IN (SELECT value FROM json_each(:ids))`, { ids: JSON.stringify(wanted.breakerIds) })
    .orderBy('r.at', 'DESC')
    .addOrderBy('r.id', 'DESC')
    .limit(wanted.limit);
  if (wanted.from !== undefined) query.andWhere('r.at >= :from', { from: wanted.from });
  if (wanted.to !== undefined) query.andWhere('r.at < :to', { to: wanted.to });
  if (wanted.before !== undefined) {
    const [at, id] = wanted.before.split(' ') as [string, string?];
    query.andWhere('(r.at < :cursorAt OR (r.at = :cursorAt AND r.id < :cursorId))', {
      cursorAt: at,
      cursorId: id ?? '',
    });
  }
  return query;
}

/** Rows whose text holds all the words; `like` escapes what a pattern would take otherwise. */
function holding<R extends ObjectLiteral>(
  query: SelectQueryBuilder<R>,
  column: string,
  words: readonly string[],
) {
  words.forEach((word, i) => {
    const pattern = `%${word.replace(/[\\%_]/g, '\\$&')}%`;
    query.andWhere(`lower(${column}) LIKE :word${i} ESCAPE '\\'`, { [`word${i}`]: pattern });
  });
  return query;
}

async function struckOf(
  manager: EntityManager,
  kind: EntryRef['kind'],
  ids: string[],
): Promise<Map<string, Struck>> {
  const column = LOGGED[kind].column;
  const strikes: StrikeRow[] = await manager.findBy(StrikeTable, { [column]: among(ids) });
  return strikesById(strikes);
}

const idsOf = (rows: readonly { id: string }[]) => rows.map(({ id }) => id);

/** Each kind of entry, newest first. */
const LISTERS: Record<
  TimelineKind,
  (manager: EntityManager, wanted: EntryFilter) => Promise<TimelineEntry[]>
> = {
  readings: async (manager, wanted) => {
    const rows = await holding(page(manager, ReadingTable, wanted), 'r.note', wanted.words).getMany();
    const struck = await struckOf(manager, 'readings', idsOf(rows));
    return rows.map((row) => {
      const reading = readingOf(row, struck.get(row.id) ?? null);
      return { kind: 'readings', id: row.id, at: row.at, breakerId: row.breakerId, reading };
    });
  },
  trips: (manager, wanted) => events(manager, wanted, 'trips'),
  resets: (manager, wanted) => events(manager, wanted, 'resets'),
  looks: async (manager, wanted) => {
    // What was found is a word of the vocabulary: its sentence is searched, not its id.
    const all = wanted.words.length === 0 ? wanted : { ...wanted, limit: 5000 };
    const rows = (await page(manager, ObservationTable, all).getMany())
      .filter((row) => saysAll(`${sayOutcome(row.test, row.outcome)} ${row.note}`, wanted.words))
      .slice(0, wanted.limit);
    const struck = await struckOf(manager, 'observations', idsOf(rows));
    return rows.map((row) => {
      const observation: Observation = observationOf(row, struck.get(row.id) ?? null);
      return { kind: 'looks', id: row.id, at: row.at, breakerId: row.breakerId, observation };
    });
  },
  inspections: async (manager, wanted) => {
    // What was found is searched as it is told.
    const all = wanted.words.length === 0 ? wanted : { ...wanted, limit: 5000 };
    const rows = (await page(manager, InspectionTable, all).getMany())
      .filter((row) => saysAll(inspectionText(row), wanted.words))
      .slice(0, wanted.limit);
    const struck = await struckOf(manager, 'inspections', idsOf(rows));
    return rows.map((row) => {
      const inspection = inspectionOf(row, struck.get(row.id) ?? null);
      return { kind: 'inspections', id: row.id, at: row.at, breakerId: row.breakerId, inspection };
    });
  },
  notes: async (manager, wanted) => {
    const rows = await holding(page(manager, NoteTable, wanted), 'r.note', wanted.words).getMany();
    const struck = await struckOf(manager, 'notes', idsOf(rows));
    return rows.map((row) => {
      const note = noteOf(row, struck.get(row.id) ?? null);
      return { kind: 'notes', id: row.id, at: row.at, breakerId: row.breakerId, note };
    });
  },
  photos: async (manager, wanted) => {
    const rows = await holding(page(manager, PhotoTable, wanted), 'r.note', wanted.words).getMany();
    const struck = await struckOf(manager, 'photos', idsOf(rows));
    return rows.map((row) => {
      const photo = photoOf(row, struck.get(row.id) ?? null);
      return { kind: 'photos', id: row.id, at: row.at, breakerId: row.breakerId, photo };
    });
  },
  decisions: async (manager, wanted) => {
    const rows = await holding(page(manager, VerdictTable, wanted), 'r.decision', wanted.words).getMany();
    const last = (await manager.query(
      `SELECT id FROM verdict WHERE rowid IN (SELECT max(rowid) FROM verdict
        WHERE breakerId IN (SELECT value FROM json_each(?)) GROUP BY breakerId)`,
      [JSON.stringify(wanted.breakerIds)],
    )) as { id: string }[];
    const latest = new Set(idsOf(last));
    return rows.map((row) => ({
      kind: 'decisions',
      id: row.id,
      at: row.at,
      breakerId: row.breakerId,
      verdict: verdictOf(row),
      stands: latest.has(row.id),
    }));
  },
  parts: async (manager, wanted) => {
    const rows = await manager.findBy(BreakerTable, { id: among([...wanted.breakerIds]) });
    const before = await manager.findBy(BreakerTable, {
      id: among(rows.flatMap((row) => row.replaces ?? [])),
    });
    return rows
      .flatMap((row) => partEntries(row, before.find((one) => one.id === row.replaces) ?? null))
      .filter((entry) => isWithin(entry, wanted) && saysAll(partText(entry), wanted.words))
      .sort((a, b) => placeIn(b).localeCompare(placeIn(a)))
      .slice(0, wanted.limit);
  },
};

function inspectionText(row: InspectionRow): string {
  const { name, found } = sayInspection(row);
  return `${name} ${found} ${row.note}`;
}

const saysAll = (text: string, words: readonly string[]) => {
  const lower = text.toLowerCase();
  return words.every((word) => lower.includes(word));
};

const isWithin = (entry: TimelineEntry, { from = '', to = '9999', before }: EntryFilter) =>
  entry.at >= from && entry.at < to && (before === undefined || placeIn(entry) < before);

const partText = (entry: TimelineEntry) =>
  entry.kind === 'parts'
    ? `${entry.part.breaker.family} ${entry.part.breaker.why} ${entry.part.breaker.ratingAmps} A`
    : '';

function partEntries(row: BreakerRow, inPlaceOf: BreakerRow | null): TimelineEntry[] {
  const breaker: Breaker = breakerOf(row);
  const entry = { kind: 'parts' as const, id: row.id, breakerId: row.id };
  const fitted = {
    ...entry,
    at: row.createdAt,
    part: { breaker, what: 'fitted' as const, inPlaceOf: inPlaceOf && breakerOf(inPlaceOf) },
  };
  return row.removedAt === null
    ? [fitted]
    : [fitted, { ...entry, at: row.removedAt, part: { breaker, what: 'taken-out', inPlaceOf: null } }];
}

async function events(
  manager: EntityManager,
  wanted: EntryFilter,
  kind: 'trips' | 'resets',
): Promise<TimelineEntry[]> {
  const query = page(manager, EventTable, wanted).andWhere(
    kind === 'trips' ? `r.kind IN ('trip', 'no-trip')` : `r.kind NOT IN ('trip', 'no-trip')`,
  );
  const rows = await holding(query, 'r.note', wanted.words).getMany();
  const struck = await struckOf(manager, 'events', idsOf(rows));
  const breakers = await manager.findBy(BreakerTable, { id: among(rows.map((row) => row.breakerId)) });
  const list = rows.map((row): BreakerEvent => eventOf(row, struck.get(row.id) ?? null));
  const curves = await curvesAt(manager, breakers);
  const verdicts = new Map(
    breakers.flatMap((breaker) => [
      ...judgedTrips(
        breakerOf(breaker),
        list.filter((event) => event.breakerId === breaker.id),
        familyBand(breaker.family, curves),
      ),
    ]),
  );
  return list.map((event) => ({
    kind,
    id: event.id,
    at: event.at,
    breakerId: event.breakerId,
    event,
    verdict: verdicts.get(event.id) ?? null,
  }));
}

/** The trip curves of the site these breakers are at. */
async function curvesAt(manager: EntityManager, [breaker]: BreakerRow[]) {
  if (!breaker) return [];
  const { siteId } = await manager.findOneByOrFail(PanelTable, { id: breaker.panelId });
  return curvesOf(manager, siteId);
}

/** Entries of several kinds, newest first, as many as asked for. */
export async function listEntries(
  manager: EntityManager,
  kinds: readonly TimelineKind[],
  wanted: EntryFilter,
): Promise<TimelineEntry[]> {
  const lists: TimelineEntry[][] = [];
  for (const kind of kinds) lists.push(await LISTERS[kind](manager, wanted));
  return lists
    .flat()
    .sort((a, b) => placeIn(b).localeCompare(placeIn(a)))
    .slice(0, wanted.limit);
}

/** A breaker and the parts that sat in its place before it, newest first. */
export async function partsChain(manager: EntityManager, breakerId: string): Promise<string[]> {
  const rows = (await manager.query(
    `WITH RECURSIVE chain (id, replaces, depth) AS (
       SELECT id, replaces, 0 FROM breaker WHERE id = ?
       UNION ALL
       SELECT b.id, b.replaces, depth + 1 FROM breaker b JOIN chain c ON b.id = c.replaces WHERE depth < 200)
     SELECT id FROM chain ORDER BY depth`,
    [breakerId],
  )) as { id: string }[];
  return idsOf(rows);
}

async function countKinds(manager: EntityManager, breakerIds: string[]): Promise<Timeline['counts']> {
  const ids = JSON.stringify(breakerIds);
  const mine = 'breakerId IN (SELECT value FROM json_each(?))';
  const [row] = (await manager.query(
    `SELECT (SELECT count(*) FROM reading WHERE ${mine}) AS readings,
       (SELECT count(*) FROM event WHERE ${mine} AND kind IN ('trip', 'no-trip')) AS trips,
       (SELECT count(*) FROM event WHERE ${mine} AND kind NOT IN ('trip', 'no-trip')) AS resets,
       (SELECT count(*) FROM observation WHERE ${mine}) AS looks,
       (SELECT count(*) FROM inspection WHERE ${mine}) AS inspections,
       (SELECT count(*) FROM verdict WHERE ${mine}) AS decisions,
       (SELECT count(*) + count(removedAt) FROM breaker WHERE id IN (SELECT value FROM json_each(?))) AS parts,
       (SELECT count(*) FROM note WHERE ${mine}) AS notes,
       (SELECT count(*) FROM photo WHERE ${mine}) AS photos`,
    Array.from(TIMELINE_KINDS, () => ids),
  )) as [Timeline['counts']];
  return { ...row };
}

/** A breaker’s timeline, a page of it, with that of the parts that sat there before. */
export async function timelineOf(
  manager: EntityManager,
  breakerId: string,
  query: TimelineQuery,
): Promise<Timeline> {
  const { kinds, from, to, text, before, limit } = query;
  const breakerIds = await partsChain(manager, breakerId);
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  const found = await listEntries(manager, kinds, { breakerIds, from, to, words, before, limit: limit + 1 });
  const entries = found.slice(0, limit);
  return {
    entries,
    next: found.length > limit ? placeIn(entries.at(-1)!) : null,
    counts: await countKinds(manager, breakerIds),
  };
}
