import { existsSync } from 'node:fs';
import { SafeDatabase } from './safeDatabase.ts';

/** Visits that were begun and have no end on record, with their panels. */
export const UNFINISHED_VISITS = `SELECT panelId, json_extract(content, '$.visitId') AS visitId FROM panel_entry
  WHERE kind = 'visit-step' AND id NOT IN (SELECT panelEntryId FROM strike WHERE panelEntryId IS NOT NULL)
  GROUP BY 1, 2 HAVING sum(json_extract(content, '$.fact.is') IN ('finished', 'abandoned')) = 0`;

/**
 * How many visits are under way in a record that nobody has open.
 *
 * @returns 0 for a record that is not there, is of before there were visits, or cannot be read
 */
export function visitsUnderWayIn(file: string): number {
  if (!existsSync(file)) return 0;
  const database = new SafeDatabase(file);
  try {
    const { n } = database.prepare(`SELECT count(*) AS n FROM (${UNFINISHED_VISITS})`).get() as { n: number };
    return n;
  } catch {
    return 0;
  } finally {
    database.close();
  }
}
