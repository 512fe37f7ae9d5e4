import type { BreakerFile } from '@phylaxon/core/readings';
import { In, IsNull, type EntityManager } from 'typeorm';
import {
  BreakerTable,
  CircuitTable,
  EventTable,
  LoadTable,
  ObservationTable,
  ReadingTable,
  StrikeTable,
} from '../store/index.ts';
import { breakerOf, circuitOf, eventOf, observationOf, readingOf, strikesById } from './rowsToRecord.ts';

/** The files of all breakers that are in a panel now, in the order of their spaces; the main first. */
export async function filesOfPanel(manager: EntityManager, panelId: string): Promise<BreakerFile[]> {
  const rows = await manager.find(BreakerTable, {
    where: { panelId, removedAt: IsNull() },
    order: { space: 'ASC', half: 'DESC' },
  });
  const breakers = rows.map(breakerOf);
  const where = { breakerId: In(breakers.map((breaker) => breaker.id)) };
  const order = { at: 'ASC', loggedAt: 'ASC' } as const;
  const circuits = await manager.find(CircuitTable, { where });
  const loads = await manager.find(LoadTable, {
    where: { circuitId: In(circuits.map((circuit) => circuit.id)) },
    order: { position: 'ASC' },
  });
  const readings = await manager.find(ReadingTable, { where, order });
  const events = await manager.find(EventTable, { where, order });
  const observations = await manager.find(ObservationTable, { where, order });
  const struck = await strikesOf(
    manager,
    breakers.map((breaker) => breaker.id),
  );

  return breakers.map((breaker) => {
    const mine = <R extends { breakerId: string }>(list: R[]) =>
      list.filter((row) => row.breakerId === breaker.id);
    const circuit = circuits.find((row) => row.breakerId === breaker.id);
    return {
      breaker,
      circuit: circuit
        ? circuitOf(
            circuit,
            loads.filter((load) => load.circuitId === circuit.id),
          )
        : null,
      entries: {
        readings: mine(readings).map((row) => readingOf(row, struck.get(row.id) ?? null)),
        events: mine(events).map((row) => eventOf(row, struck.get(row.id) ?? null)),
        observations: mine(observations).map((row) => observationOf(row, struck.get(row.id) ?? null)),
      },
    };
  });
}

async function strikesOf(manager: EntityManager, breakerIds: string[]) {
  if (breakerIds.length === 0) return strikesById([]);
  const entryOf = (table: string, column: string) =>
    `s.${column} IN (SELECT id FROM ${table} WHERE breakerId IN (:...breakerIds))`;
  const strikes = await manager
    .createQueryBuilder(StrikeTable, 's')
    .where(
      `${entryOf('reading', 'readingId')} OR ${entryOf('event', 'eventId')} OR ${entryOf('observation', 'observationId')}`,
      {
        breakerIds,
      },
    )
    .getMany();
  return strikesById(strikes);
}
