import type { TimelineEntry } from '@phylaxon/core/views/timeline';
import type { EntityManager, EntitySchema, ObjectLiteral, SelectQueryBuilder } from 'typeorm';
import { LOGGED } from '../edit/index.ts';
import { strikesById, type Struck } from '../record/index.ts';
import { among, StrikeTable, type EntryRef, type StrikeRow } from '../store/index.ts';

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
export const placeIn = ({ at, id }: TimelineEntry) => `${at} ${id}`;

export function page<R extends ObjectLiteral>(
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
export function holding<R extends ObjectLiteral>(
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

export async function struckOf(
  manager: EntityManager,
  kind: EntryRef['kind'],
  ids: string[],
): Promise<Map<string, Struck>> {
  const column = LOGGED[kind].column;
  const strikes: StrikeRow[] = await manager.findBy(StrikeTable, { [column]: among(ids) });
  return strikesById(strikes);
}

export const idsOf = (rows: readonly { id: string }[]) => rows.map(({ id }) => id);
