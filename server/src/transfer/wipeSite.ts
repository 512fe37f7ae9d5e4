import type { EntityManager } from 'typeorm';
import { LOGGED } from '../edit/index.ts';
import { siteRow } from '../record/index.ts';

const PANELS = 'SELECT id FROM panel WHERE siteId = ?';
const BREAKERS = `SELECT id FROM breaker WHERE panelId IN (${PANELS})`;
const ENTRIES = Object.values(LOGGED).map(({ table }) => table.options.name);

/**
 * Delete a site with all that is on record of it. It is the one way by which a logged row ever goes.
 *
 * @returns the panels it had
 */
export async function wipeSite(manager: EntityManager, siteId: string): Promise<string[]> {
  await siteRow(manager, siteId);
  const panels = (await manager.query(PANELS, [siteId])) as { id: string }[];
  const run = (sql: string, params: string[] = [siteId]) => manager.query(sql, params);
  await run('PRAGMA defer_foreign_keys = ON', []);
  await run('INSERT INTO wiping (siteId) VALUES (?)');
  for (const entry of ENTRIES) {
    await run(
      `DELETE FROM strike WHERE ${entry}Id IN (SELECT id FROM ${entry} WHERE breakerId IN (${BREAKERS}))`,
    );
    await run(`DELETE FROM ${entry} WHERE breakerId IN (${BREAKERS})`);
  }
  // Older records may hold what was found in a case of another site: it stays there, without the case.
  for (const entry of ['reading', 'event', 'observation', 'inspection']) {
    await run(`UPDATE "${entry}" SET caseId = NULL WHERE caseId IN (SELECT id FROM "case" WHERE siteId = ?)`);
  }
  await run('DELETE FROM "case" WHERE siteId = ?');
  await run(`DELETE FROM verdict WHERE breakerId IN (${BREAKERS})`);
  await run(`DELETE FROM load WHERE circuitId IN (SELECT id FROM circuit WHERE breakerId IN (${BREAKERS}))`);
  await run(`DELETE FROM circuit WHERE breakerId IN (${BREAKERS})`);
  await run(`DELETE FROM breaker WHERE panelId IN (${PANELS})`);
  await run('DELETE FROM panel WHERE siteId = ?');
  await run('DELETE FROM curve WHERE siteId = ?');
  await run('DELETE FROM edit WHERE siteId = ?');
  await run('DELETE FROM site WHERE id = ?');
  await run('DELETE FROM wiping', []);
  return panels.map(({ id }) => id);
}
