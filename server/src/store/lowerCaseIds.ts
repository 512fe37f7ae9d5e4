import type { QueryRunner } from 'typeorm';

/** Every column that holds a row’s own id or another’s. */
const ID_COLUMNS: Record<string, string[]> = {
  site: ['id'],
  panel: ['id', 'siteId', 'fedByBreakerId', 'fedThroughPanelId'],
  breaker: ['id', 'panelId', 'tiedWith', 'replaces'],
  circuit: ['id', 'breakerId'],
  load: ['id', 'circuitId'],
  curve: ['id', 'siteId'],
  case: ['id', 'siteId', 'panelId', 'breakerId'],
  reading: ['id', 'breakerId', 'caseId'],
  event: ['id', 'breakerId', 'caseId'],
  observation: ['id', 'breakerId', 'caseId'],
  note: ['id', 'breakerId'],
  photo: ['id', 'breakerId'],
  strike: ['id', 'readingId', 'eventId', 'observationId', 'noteId', 'photoId', 'replacedBy'],
  verdict: ['id', 'breakerId'],
  edit: ['id', 'siteId'],
};

/**
 * Write ids in small letters, as they are asked for from now on. Nearly always there is nothing to do: whoever makes
 * ids writes them so. An id that is there in small letters already keeps its own spelling, and so does what points to it.
 */
export async function lowerCaseIds(runner: QueryRunner): Promise<void> {
  const renamed = new Set<string>();
  for (const table of Object.keys(ID_COLUMNS)) {
    const rows = (await runner.query(
      `SELECT id FROM "${table}" t WHERE id <> lower(id)
         AND NOT EXISTS (SELECT 1 FROM "${table}" o WHERE o.id = lower(t.id))
       GROUP BY lower(id)`,
    )) as { id: string }[];
    for (const { id } of rows) renamed.add(id);
  }
  if (renamed.size === 0) return;
  const list = JSON.stringify([...renamed]);
  // Rows of the log may change only while a site is wiped, so for this moment that is what is said.
  await runner.query(`INSERT INTO wiping (siteId) VALUES ('')`);
  for (const [table, columns] of Object.entries(ID_COLUMNS)) {
    for (const column of columns) {
      await runner.query(
        `UPDATE "${table}" SET "${column}" = lower("${column}") WHERE "${column}" IN (SELECT value FROM json_each(?))`,
        [list],
      );
    }
  }
  await runner.query('DELETE FROM wiping');
  // Remembered edits speak of rows by their old ids.
  await runner.query('DELETE FROM edit');
}
