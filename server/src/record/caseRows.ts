import { IsNull, type EntityManager } from 'typeorm';
import { notFound } from '../errors/index.ts';
import { CaseTable, type CaseRow } from '../store/index.ts';
import * as messages from './messages.ts';

/** The row of a case. */
export async function caseRow(manager: EntityManager, id: string): Promise<CaseRow> {
  const row = await manager.findOneBy(CaseTable, { id, removedAt: IsNull() });
  if (!row) throw notFound(messages.thisCase);
  return row;
}

/** A site’s cases, the newest first. */
export const casesOf = (manager: EntityManager, siteId: string): Promise<CaseRow[]> =>
  manager.find(CaseTable, {
    where: { siteId, removedAt: IsNull() },
    order: { openedAt: 'DESC', id: 'ASC' },
  });
