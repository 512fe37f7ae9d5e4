import { countsSince, handleAt, type BreakerRecord } from '@phylaxon/core/diagnosis/evidence';
import type { Breaker, BreakerEvent, Circuit, Observation, Reading } from '@phylaxon/core/record/entities';
import { IsNull, type EntityManager } from 'typeorm';
import {
  among,
  BreakerTable,
  CaseTable,
  CircuitTable,
  EventTable,
  LoadTable,
  ObservationTable,
  type EntryRef,
  type LoadRow,
} from '../store/index.ts';
import { evidenceReadings } from './evidenceReadings.ts';
import { breakerOf, circuitFromRow, eventOf, observationOf } from './rowsToRecord.ts';
import type { HandleSpan } from './handleSpan.ts';

/** The kinds of entries that evidence looks at; whatever else is logged changes no decision. */
const EVIDENCE_KINDS: readonly EntryRef['kind'][] = ['readings', 'events', 'observations'];

/**
 * Whether entries of a kind are evidence.
 *
 * @param entry that was logged or struck
 */
export const isEvidence = ({ kind }: EntryRef): boolean => EVIDENCE_KINDS.includes(kind);

/** A list by the value of one of its fields. */
function groupBy<R, K>(list: readonly R[], key: (row: R) => K): Map<K, R[]> {
  const groups = new Map<K, R[]>();
  for (const row of list) {
    const group = groups.get(key(row));
    if (group) group.push(row);
    else groups.set(key(row), [row]);
  }
  return groups;
}

/** The circuits of breakers, by breaker. */
export async function circuitsOf(
  manager: EntityManager,
  breakerIds: readonly string[],
): Promise<Map<string, Circuit>> {
  const rows = await manager.findBy(CircuitTable, { breakerId: among([...breakerIds]) });
  const loads: LoadRow[] = await manager.find(LoadTable, {
    where: { circuitId: among(rows.map((row) => row.id)) },
    order: { position: 'ASC' },
  });
  const byCircuit = groupBy(loads, (load) => load.circuitId);
  return new Map(rows.map((row) => [row.breakerId, circuitFromRow(row, byCircuit.get(row.id) ?? [])]));
}

/**
 * The files of all breakers that are in a panel now, in the order of their spaces, the main first: with
 * what of their log evidence looks at. Struck entries do not count and are left out, and so are readings
 * that later ones stand in front of, of which there may be very many.
 *
 * @param asOpen a closed case that is looked at as it was: what was found in it counts
 */
export async function breakerRecords(
  manager: EntityManager,
  panelId: string,
  asOpen?: string,
): Promise<BreakerRecord[]> {
  const rows = await manager.find(BreakerTable, {
    where: { panelId, removedAt: IsNull() },
    order: { space: 'ASC', half: 'DESC', id: 'ASC' },
  });
  const breakers: Breaker[] = rows.map(breakerOf);
  const ids = breakers.map(({ id }) => id);
  const circuits = await circuitsOf(manager, ids);
  const events = await standingEvents(manager, ids);
  const observations = await standingObservations(manager, ids);
  const since = await countedSince(manager, ids, asOpen);
  const handles = new Map(breakers.map(({ id }) => [id, handleSpans(events.get(id) ?? [])]));
  const readings = groupBy<Reading, string>(
    await evidenceReadings(manager, breakers, handles),
    (reading) => reading.breakerId,
  );
  return breakers.map((breaker) => ({
    breaker,
    circuit: circuits.get(breaker.id) ?? null,
    entries: {
      readings: readings.get(breaker.id) ?? [],
      events: events.get(breaker.id) ?? [],
      observations: observations.get(breaker.id) ?? [],
    },
    since: since.get(breaker.id) ?? null,
  }));
}

/** Of each breaker with a case about it: from when on what tells of a moment counts. */
async function countedSince(
  manager: EntityManager,
  breakerIds: string[],
  asOpen?: string,
): Promise<Map<string, string | null>> {
  const rows = await manager.find(CaseTable, {
    select: { id: true, breakerId: true, openedAt: true, closedAt: true, outcome: true },
    where: { breakerId: among(breakerIds), removedAt: IsNull() },
    order: { openedAt: 'ASC' },
  });
  return new Map(
    [...groupBy(rows, (row) => row.breakerId!)].map(([breakerId, cases]) => {
      const looked = cases.find(({ id }) => id === asOpen);
      const others = cases.filter((one) => one !== looked);
      return [breakerId, countsSince(looked ? [{ ...looked, closedAt: null }, ...others] : others)];
    }),
  );
}

const NOT_STRUCK = (column: string, alias: string) =>
  `NOT EXISTS (SELECT 1 FROM strike s WHERE s.${column} = ${alias}.id)`;

async function standingEvents(manager: EntityManager, breakerIds: string[]) {
  const rows = await manager
    .createQueryBuilder(EventTable, 'e')
    .where({ breakerId: among(breakerIds) })
    .andWhere(NOT_STRUCK('eventId', 'e'))
    .orderBy({ 'e.at': 'ASC', 'e.loggedAt': 'ASC' })
    .getMany();
  return groupBy<BreakerEvent, string>(
    rows.map((row) => eventOf(row, null)),
    (event) => event.breakerId,
  );
}

async function standingObservations(manager: EntityManager, breakerIds: string[]) {
  const rows = await manager
    .createQueryBuilder(ObservationTable, 'o')
    .where({ breakerId: among(breakerIds) })
    .andWhere(NOT_STRUCK('observationId', 'o'))
    .orderBy({ 'o.at': 'ASC', 'o.loggedAt': 'ASC' })
    .getMany();
  return groupBy<Observation, string>(
    rows.map((row) => observationOf(row, null)),
    (observation) => observation.breakerId,
  );
}

const FOR_EVER = '9999';

/** How the handle stood over time, told from a breaker’s events (oldest first). */
export function handleSpans(events: readonly BreakerEvent[]): HandleSpan[] {
  const starts = ['', ...events.map((event) => event.at)];
  const spans: HandleSpan[] = [];
  starts.forEach((start, i) => {
    const position = handleAt(events, start);
    const before = starts[i + 1] ?? FOR_EVER;
    const last = spans.at(-1);
    if (last && last.position === position) last.before = before;
    else spans.push({ before, position });
  });
  return spans;
}
