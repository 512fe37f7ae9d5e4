import {
  TIMELINE_KINDS,
  type Timeline,
  type TimelineEntry,
  type TimelineKind,
  type TimelineQuery,
} from '@phylaxon/core/views/timeline';
import type { EntityManager } from 'typeorm';
import { type EntryFilter, idsOf, placeIn } from './entryPage.ts';
import { LISTERS } from './listers.ts';

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
