import { QUANTITY_UNITS, type Reading } from '@phylaxon/core/record/entities';
import type { Series, SeriesLine } from '@phylaxon/core/views/timeline';
import type { EntityManager } from 'typeorm';
import { partsChain } from './timeline.ts';

/** More points than this a chart cannot show: they are told as the span of each stretch of time. */
const MOST_POINTS = 300;

interface Stretch {
  point: Reading['point'];
  quantity: Reading['quantity'];
  at: string;
  low: number;
  high: number;
  count: number;
}

/** What a breaker’s chart draws: each measured point over time, what was struck, and when it tripped. */
export async function seriesOf(manager: EntityManager, breakerId: string): Promise<Series> {
  const ids = JSON.stringify(await partsChain(manager, breakerId));
  const mine = 'breakerId IN (SELECT value FROM json_each(?))';
  const stretches = (await manager.query(
    `WITH own AS (
       SELECT point, quantity, at, value, julianday(at) AS day FROM reading r
       WHERE ${mine} AND NOT EXISTS (SELECT 1 FROM strike s WHERE s.readingId = r.id)),
     span AS (SELECT point, quantity, min(day) AS first, max(day) AS last, count(*) AS total FROM own
       GROUP BY point, quantity)
     SELECT own.point, own.quantity, min(at) AS at, min(value) AS low, max(value) AS high, count(*) AS count
     FROM own JOIN span USING (point, quantity)
     GROUP BY own.point, own.quantity, CASE WHEN total <= ${MOST_POINTS} THEN at
       ELSE CAST((day - first) / max(last - first, 1e-9) * ${MOST_POINTS - 1} AS INTEGER) END
     ORDER BY own.point, own.quantity, at`,
    [ids],
  )) as Stretch[];
  const lines = new Map<string, SeriesLine>();
  for (const { point, quantity, at, low, high, count } of stretches) {
    const key = `${point} ${quantity}`;
    const line = lines.get(key) ?? { point, unit: QUANTITY_UNITS[quantity], stretches: [] };
    line.stretches.push({ at, low, high, count });
    lines.set(key, line);
  }
  const struck = (await manager.query(
    `SELECT r.point, r.quantity, r.at, r.value FROM reading r JOIN strike s ON s.readingId = r.id
     WHERE r.${mine} ORDER BY r.at DESC LIMIT ${MOST_POINTS}`,
    [ids],
  )) as (Omit<Series['struck'][number], 'unit'> & Pick<Stretch, 'quantity'>)[];
  const marks = (await manager.query(
    `SELECT at, kind AS what FROM event e
     WHERE ${mine} AND kind IN ('trip', 'reset') AND NOT EXISTS (SELECT 1 FROM strike s WHERE s.eventId = e.id)
     UNION ALL
     SELECT createdAt AS at, 'part' AS what FROM breaker WHERE id IN (SELECT value FROM json_each(?)) AND replaces IS NOT NULL
     ORDER BY 1`,
    [ids, ids],
  )) as Series['marks'];
  return {
    lines: [...lines.values()],
    struck: struck.map(({ quantity, ...one }) => ({ ...one, unit: QUANTITY_UNITS[quantity] })),
    marks: marks.map((one) => ({ ...one })),
  };
}
