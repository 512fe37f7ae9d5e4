import { IsNull, type EntityManager } from 'typeorm';
import { notFound } from '../errors/index.ts';
import { PanelTable, type PanelRow } from '../store/index.ts';
import * as messages from './messages.ts';

/** The row of a panel that is still at its site. */
export async function panelRow(manager: EntityManager, id: string): Promise<PanelRow> {
  const row = await manager.findOneBy(PanelTable, { id, removedAt: IsNull() });
  if (!row) throw notFound(messages.thisPanel);
  return row;
}

/** A site's panels, in the order they were drawn. */
export const panelsOf = (manager: EntityManager, siteId: string): Promise<PanelRow[]> =>
  manager.find(PanelTable, {
    where: { siteId, removedAt: IsNull() },
    order: { createdAt: 'ASC', id: 'ASC' },
  });

/** The site that a panel is at, whether the panel is still there or not. */
export const siteOfPanel = async (manager: EntityManager, panelId: string): Promise<string> =>
  (await manager.findOneByOrFail(PanelTable, { id: panelId })).siteId;
