import { randomUUID } from 'node:crypto';
import type { LinkSubject, OpenLink } from '@phylaxon/core/record/accounts';
import { notFound } from '../errors/index.ts';
import { ShareLinkTable, type ShareLinkRow, type Store } from '../store/index.ts';
import { newToken, tokenHash } from './secrets.ts';
import * as messages from './messages.ts';

const DAY_MS = 86_400_000;

/** Links that show a page to whoever has them. */
export class ShareLinks {
  constructor(private readonly store: Store) {}

  /**
   * Make a link.
   *
   * @returns it, with its token, which is kept nowhere here
   */
  async add(
    siteId: string,
    { days, what, of }: { days: number; what: LinkSubject; of: string },
  ): Promise<{ id: string; token: string; expiresAt: string }> {
    const token = newToken();
    const now = Date.now();
    const row: ShareLinkRow = {
      ...{ id: randomUUID(), tokenHash: tokenHash(token), siteId, what, subjectId: of },
      createdAt: new Date(now).toISOString(),
      expiresAt: new Date(now + days * DAY_MS).toISOString(),
    };
    await this.store.write(async (manager) => {
      await manager.query('DELETE FROM "share_link" WHERE "expiresAt" <= ?', [row.createdAt]);
      await manager.insert(ShareLinkTable, row);
    });
    return { id: row.id, token, expiresAt: row.expiresAt };
  }

  /** Those of a site that are open, newest first. */
  async ofSite(siteId: string): Promise<OpenLink[]> {
    const rows = await this.store.read((manager) =>
      manager.find(ShareLinkTable, { where: { siteId }, order: { createdAt: 'DESC', id: 'ASC' } }),
    );
    return rows.filter(isOpen).map(({ id, what, subjectId, createdAt, expiresAt }) => ({
      id,
      what,
      of: subjectId,
      createdAt,
      expiresAt,
    }));
  }

  /** Withdraw a link. */
  async withdraw(id: string): Promise<void> {
    const { affected } = await this.store.write((manager) => manager.delete(ShareLinkTable, { id }));
    if (!affected) throw notFound(messages.theLink);
  }

  /** What a link shows; `null`: it is unknown, has expired, or was withdrawn. */
  async find(token: string): Promise<ShareLinkRow | null> {
    const row = await this.store.read((manager) =>
      manager.findOneBy(ShareLinkTable, { tokenHash: tokenHash(token) }),
    );
    return row && isOpen(row) ? row : null;
  }
}

const isOpen = ({ expiresAt }: Pick<ShareLinkRow, 'expiresAt'>) => Date.parse(expiresAt) > Date.now();
