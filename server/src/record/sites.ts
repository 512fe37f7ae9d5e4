import type { siteChange, siteInput } from '@phylaxon/core/record/entities';
import type { EntityManager } from 'typeorm';
import type { z } from 'zod';
import { newRowId, refuseStale, type Edit } from '../edit/index.ts';
import { notFound } from '../errors/index.ts';
import { SiteTable } from '../store/index.ts';
import { panelsOf } from './panelRows.ts';
import * as messages from './messages.ts';

export async function addSite(manager: EntityManager, input: z.output<typeof siteInput>, demo = false) {
  const row = { id: newRowId(), ...input, createdAt: new Date().toISOString(), demo, version: 0 };
  await manager.insert(SiteTable, row);
  return row;
}

export async function changeSite(edit: Edit, id: string, change: z.output<typeof siteChange>) {
  const { version, ...fields } = change;
  refuseStale(messages.thisSite, await siteRow(edit.manager, id), version);
  for (const panel of await panelsOf(edit.manager, id)) edit.touch(panel.id);
  return edit.update('site', id, fields);
}

export async function siteRow(manager: EntityManager, id: string) {
  const row = await manager.findOneBy(SiteTable, { id });
  if (!row) throw notFound(messages.thisSite);
  return row;
}
