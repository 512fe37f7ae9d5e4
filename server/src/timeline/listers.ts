import { familyBand, judgedTrips } from '@phylaxon/core/diagnosis/evidence';
import type { TimelineEntry, TimelineKind } from '@phylaxon/core/views/timeline';
import { sayOutcome } from '@phylaxon/core/facts/vocabulary';
import {
  sayInspection,
  type Breaker,
  type BreakerEvent,
  type Observation,
} from '@phylaxon/core/record/entities';
import type { EntityManager } from 'typeorm';
import {
  breakerOf,
  curvesOf,
  eventOf,
  inspectionOf,
  noteOf,
  observationOf,
  photoOf,
  readingOf,
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
  VerdictTable,
  type BreakerRow,
  type InspectionRow,
} from '../store/index.ts';
import { verdictOf } from '../recordService/index.ts';
import { type EntryFilter, holding, idsOf, page, placeIn, struckOf } from './entryPage.ts';

/** Each kind of entry, newest first. */
export const LISTERS: Record<
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
    kind === 'trips' ? "r.kind IN ('trip', 'no-trip')" : "r.kind NOT IN ('trip', 'no-trip')",
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
