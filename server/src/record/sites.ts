import { randomUUID } from 'node:crypto';
import type { siteInput } from '@phylaxon/core/record';
import type { EntityManager } from 'typeorm';
import type { z } from 'zod';
import { notFound } from '../http/index.ts';
import { SiteTable } from '../store/index.ts';

export async function addSite(manager: EntityManager, input: z.output<typeof siteInput>) {
  const row = { id: randomUUID(), ...input, createdAt: new Date().toISOString() };
  await manager.insert(SiteTable, row);
  return row;
}

export async function changeSite(manager: EntityManager, id: string, input: z.output<typeof siteInput>) {
  await siteRow(manager, id);
  await manager.update(SiteTable, { id }, input);
  return siteRow(manager, id);
}

export async function siteRow(manager: EntityManager, id: string) {
  const row = await manager.findOneBy(SiteTable, { id });
  if (!row) throw notFound('This site');
  return row;
}
