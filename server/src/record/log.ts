import { randomUUID } from 'node:crypto';
import {
  NOTHING_SAID,
  type eventInput,
  type observationInput,
  type readingInput,
} from '@phylaxon/core/record';
import type { EntityManager } from 'typeorm';
import type { z } from 'zod';
import { ApiError, invalidField, notFound } from '../http/index.ts';
import {
  EventTable,
  ObservationTable,
  ReadingTable,
  StrikeTable,
  type EventRow,
  type ObservationRow,
  type ReadingRow,
} from '../store/index.ts';
import { breakerRow } from './breakers.ts';

/** Clocks differ: an entry may lie this far ahead of ours. */
const CLOCK_SLACK_MS = 24 * 3600 * 1000;

function stamp(breakerId: string, at: string, path: string) {
  const now = new Date();
  if (Date.parse(at) > now.getTime() + CLOCK_SLACK_MS)
    throw invalidField(path, 'The time lies in the future.');
  return { id: randomUUID(), breakerId, loggedAt: now.toISOString() };
}

/** Log readings taken together: all of them, or none. */
export async function logReadings(
  manager: EntityManager,
  breakerId: string,
  inputs: z.output<typeof readingInput>[],
) {
  await breakerRow(manager, breakerId);
  const rows: ReadingRow[] = inputs.map((input, i) => ({
    ambientC: null,
    ...input,
    ...stamp(breakerId, input.at, `readings.${i}.at`),
  }));
  await manager.insert(ReadingTable, rows);
  return rows;
}

export async function logEvent(
  manager: EntityManager,
  breakerId: string,
  input: z.output<typeof eventInput>,
) {
  await breakerRow(manager, breakerId);
  const row: EventRow = { ...NOTHING_SAID, ...input, ...stamp(breakerId, input.at, 'at') };
  await manager.insert(EventTable, row);
  return row;
}

export async function logObservation(
  manager: EntityManager,
  breakerId: string,
  input: z.output<typeof observationInput>,
) {
  await breakerRow(manager, breakerId);
  const row: ObservationRow = { ...input, ...stamp(breakerId, input.at, 'at') };
  await manager.insert(ObservationTable, row);
  return row;
}

/** What can be struck: the table it stands in and the strike's column for it. */
export const STRIKABLE = {
  readings: { table: ReadingTable, column: 'readingId' },
  events: { table: EventTable, column: 'eventId' },
  observations: { table: ObservationTable, column: 'observationId' },
} as const;
export type Strikable = keyof typeof STRIKABLE;

/** Strike a row: it stays as it was and no longer counts. Returns the breaker it belongs to. */
export async function strike(
  manager: EntityManager,
  kind: Strikable,
  id: string,
  why: string,
  replacedBy: string | null,
): Promise<void> {
  const { column } = STRIKABLE[kind];
  if (await manager.findOneBy(StrikeTable, { [column]: id })) {
    throw new ApiError(409, 'already_struck', 'This entry is struck already.');
  }
  await manager.insert(StrikeTable, {
    id: randomUUID(),
    readingId: null,
    eventId: null,
    observationId: null,
    [column]: id,
    at: new Date().toISOString(),
    why,
    replacedBy,
  });
}

/** The breaker a logged row belongs to. */
export async function breakerOfEntry(manager: EntityManager, kind: Strikable, id: string): Promise<string> {
  const row = (await manager.findOneBy<{ id: string; breakerId: string }>(STRIKABLE[kind].table, { id })) as {
    breakerId: string;
  } | null;
  if (!row) throw notFound('This entry');
  return row.breakerId;
}
