import type { siteInput } from '@phylaxon/core/record';
import type { EntityManager } from 'typeorm';
import type { z } from 'zod';
import { newId, type Edit } from '../edit/index.ts';
import { notFound } from '../http/index.ts';
import { SiteTable } from '../store/index.ts';
import { panelsOf } from './panelRows.ts';

export async function addSite(manager: EntityManager, input: z.output<typeof siteInput>, demo = false) {
  const row = { id: newId(), ...input, createdAt: new Date().toISOString(), demo };
  await manager.insert(SiteTable, row);
  return row;
}

export async function changeSite(edit: Edit, id: string, input: z.output<typeof siteInput>) {
  await siteRow(edit.manager, id);
  for (const panel of await panelsOf(edit.manager, id)) edit.touch(panel.id);
  return edit.update('site', id, input);
}

export async function siteRow(manager: EntityManager, id: string) {
  const row = await manager.findOneBy(SiteTable, { id });
  if (!row) throw notFound('This site');
  return row;
}
