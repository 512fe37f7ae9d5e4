import { notFound } from '../errors/index.ts';
import { MeterTokenTable, type Store } from '../store/index.ts';
import { isSameSecret, newToken, tokenHash } from './secrets.ts';
import * as messages from './messages.ts';

/** What devices prove with that they send under their own name. */
export class MeterTokens {
  constructor(private readonly store: Store) {}

  /** Every device that has one. */
  list(): Promise<{ feed: string; createdAt: string }[]> {
    return this.store.read(async (manager) =>
      (await manager.find(MeterTokenTable, { order: { feed: 'ASC' } })).map(({ feed, createdAt }) => ({
        feed,
        createdAt,
      })),
    );
  }

  /**
   * Give a device a token; one that it had before counts no more.
   *
   * @returns it; it is kept nowhere here
   */
  async give(feed: string): Promise<string> {
    const token = newToken();
    const row = { feed, tokenHash: tokenHash(token), createdAt: new Date().toISOString() };
    await this.store.write((manager) => manager.upsert(MeterTokenTable, row, ['feed']));
    return token;
  }

  /** Take a device’s token away. */
  async withdraw(feed: string): Promise<void> {
    const { affected } = await this.store.write((manager) => manager.delete(MeterTokenTable, { feed }));
    if (!affected) throw notFound(messages.theMeter);
  }

  /** Whether a device has one. */
  has(feed: string): Promise<boolean> {
    return this.store.read((manager) => manager.existsBy(MeterTokenTable, { feed }));
  }

  /** Whether a token is this device’s. */
  async fits(feed: string, token: string): Promise<boolean> {
    const row = await this.store.read((manager) => manager.findOneBy(MeterTokenTable, { feed }));
    return row !== null && isSameSecret(row.tokenHash, tokenHash(token));
  }
}
