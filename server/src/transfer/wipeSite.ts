import type { EntityManager } from 'typeorm';
import { LOGGED } from '../edit/index.ts';
import { removeUnused } from '../attachments/index.ts';
import { refuseWithoutVisits, siteRow } from '../record/index.ts';

const PANELS = 'SELECT id FROM panel WHERE siteId = ?';
const BREAKERS = `SELECT id FROM breaker WHERE panelId IN (${PANELS})`;
const ENTRIES = Object.values(LOGGED).map(({ table, of, column }) => ({
  table: table.options.name,
  column,
  ofSite: of === 'panelId' ? `panelId IN (${PANELS})` : `breakerId IN (${BREAKERS})`,
}));

/**
 * Delete a site with all that is on record of it. It is the one way by which a logged row ever goes.
 *
 * @returns the panels it had
 */
export async function wipeSite(manager: EntityManager, siteId: string): Promise<string[]> {
  await siteRow(manager, siteId);
  await refuseWithoutVisits(manager, siteId);
  const panels = (await manager.query(PANELS, [siteId])) as { id: string }[];
  const run = (sql: string, params: string[] = [siteId]) => manager.query(sql, params);
  const beside = (await manager.query(
    `SELECT DISTINCT sha256 FROM panel_entry WHERE sha256 IS NOT NULL AND panelId IN (${PANELS})`,
    [siteId],
  )) as { sha256: string }[];
  await run('PRAGMA defer_foreign_keys = ON', []);
  await run('INSERT INTO wiping (siteId) VALUES (?)');
  for (const { table, column, ofSite } of ENTRIES) {
    await run(`DELETE FROM strike WHERE ${column} IN (SELECT id FROM ${table} WHERE ${ofSite})`);
    await run(`DELETE FROM ${table} WHERE ${ofSite}`);
  }
  await removeUnused(
    manager,
    beside.map(({ sha256 }) => sha256),
  );
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
