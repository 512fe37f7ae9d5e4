import { DEFAULT_SETTINGS, settings, type Settings } from '@phylaxon/core/record/settings';
import type { EntityManager } from 'typeorm';
import { SettingTable } from '../store/index.ts';

/** What was chosen; the default where nothing was, or where what was chosen is no longer on offer. */
export async function readSettings(manager: EntityManager): Promise<Settings> {
  const rows = await manager.find(SettingTable);
  const chosen = Object.fromEntries(rows.map(({ name, value }) => [name, JSON.parse(value) as unknown]));
  const parsed = settings.partial().safeParse(chosen);
  return { ...DEFAULT_SETTINGS, ...(parsed.success ? parsed.data : {}) };
}

/** Keep what was chosen; returns all settings as they now are. */
export async function writeSettings(manager: EntityManager, change: Partial<Settings>): Promise<Settings> {
  for (const [name, value] of Object.entries(change)) {
    await manager.upsert(SettingTable, { name, value: JSON.stringify(value) }, ['name']);
  }
  return readSettings(manager);
}
