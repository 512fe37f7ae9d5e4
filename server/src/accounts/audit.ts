import type { AuditEntry } from '@phylaxon/core/record/accounts';
import type { EntityManager } from 'typeorm';
import type { WorkDone } from '../http/index.ts';
import { AuditTable, type Store } from '../store/index.ts';

/** Tables whose rows are asked for by their id, with how they lead to a site. */
const OF_A_BREAKER = ['reading', 'event', 'observation', 'inspection', 'note', 'photo'];
const WHOSE_SITE = [
  'SELECT id AS "siteId" FROM "site" WHERE id = :id',
  ...['panel', 'case', 'curve', 'share_link'].map(
    (table) => `SELECT "siteId" FROM "${table}" WHERE id = :id`,
  ),
  'SELECT p."siteId" FROM "breaker" b JOIN "panel" p ON p.id = b."panelId" WHERE b.id = :id',
  'SELECT p."siteId" FROM "panel_entry" e JOIN "panel" p ON p.id = e."panelId" WHERE e.id = :id',
  ...OF_A_BREAKER.map(
    (table) =>
      `SELECT p."siteId" FROM "${table}" e JOIN "breaker" b ON b.id = e."breakerId" JOIN "panel" p ON p.id = b."panelId" WHERE e.id = :id`,
  ),
].join(' UNION ALL ');
const PLACES = WHOSE_SITE.split(':id').length - 1;

async function siteOf(manager: EntityManager, ids: readonly string[]): Promise<string | null> {
  for (const id of ids) {
    const rows = (await manager.query(
      WHOSE_SITE.replaceAll(':id', '?'),
      Array.from({ length: PLACES }, () => id),
    )) as { siteId: string }[];
    if (rows[0]) return rows[0].siteId;
  }
  return null;
}

/** Ids that tell where something was done: in the address, then in the answer. */
function idsOf({ params, result }: WorkDone): string[] {
  const inParams = (params as { id?: unknown } | undefined)?.id;
  const { siteId, id, caseId } = (result ?? {}) as Record<string, unknown>;
  return [inParams, siteId, id, caseId].filter((one): one is string => typeof one === 'string');
}

/** These change nothing on record, and are asked often. */
const UNRECORDED = ['/compute', '/drills', '/feeds', '/imports/preview', '/panels/:id/readings/preview'];

/** Who did what, kept in the record’s file. */
export class Audit {
  constructor(
    private readonly store: Store,
    private readonly onTrouble: (error: unknown) => void,
  ) {}

  /** Write down what was done, where it changes something. It is done by then: trouble with the disk does not undo it. */
  async note(done: WorkDone): Promise<void> {
    const { route, asker } = done;
    if (asker === null || route.method === 'get') return;
    if (UNRECORDED.some((path) => route.path === path || route.path.startsWith(`${path}/`))) return;
    await this.write(asker.name, route.summary, idsOf(done));
  }

  /** Write down what somebody did who is not signed in by then, or not any more. */
  async write(name: string, what: string, ids: readonly string[] = []): Promise<void> {
    try {
      await this.store.write(async (manager) => {
        const siteId = ids.length > 0 ? ((await siteOf(manager, ids)) ?? null) : null;
        await manager.insert(AuditTable, { at: new Date().toISOString(), name, what, siteId });
      });
    } catch (error) {
      this.onTrouble(error);
    }
  }

  /** Newest first. */
  list({ site, before, limit }: { site?: string; before?: number; limit: number }): Promise<AuditEntry[]> {
    return this.store.read((manager) => {
      const query = manager.createQueryBuilder(AuditTable, 'a').orderBy('a.id', 'DESC').limit(limit);
      if (site !== undefined) query.andWhere('a.siteId = :site', { site });
      if (before !== undefined) query.andWhere('a.id < :before', { before });
      return query.getMany();
    });
  }
}
