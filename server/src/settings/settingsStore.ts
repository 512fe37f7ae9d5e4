import { conventionsOf, DEFAULT_SETTINGS, settings, type Settings } from '@phylaxon/core/record/settings';
import type { EntityManager } from 'typeorm';
import { SettingTable } from '../store/index.ts';
import { requestLanguage } from './requestLanguage.ts';

/**
 * What was chosen; where nothing was, or what was chosen is no longer on offer, the conventions of the browser’s place,
 * else the default.
 */
export async function readSettings(manager: EntityManager): Promise<Settings> {
  const rows = await manager.find(SettingTable);
  const chosen = Object.fromEntries(rows.map(({ name, value }) => [name, JSON.parse(value) as unknown]));
  const parsed = settings.partial().safeParse(chosen);
  const conventions = conventionsOf(requestLanguage() ?? '');
  return { ...DEFAULT_SETTINGS, ...conventions, ...(parsed.success ? parsed.data : {}) };
}

/** Keep what was chosen; returns all settings as they now are. */
export async function writeSettings(manager: EntityManager, change: Partial<Settings>): Promise<Settings> {
  for (const [name, value] of Object.entries(change)) {
    await manager.upsert(SettingTable, { name, value: JSON.stringify(value) }, ['name']);
  }
  return readSettings(manager);
}
