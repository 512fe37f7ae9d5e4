import { randomUUID } from 'node:crypto';
import type { Account, Role } from '@phylaxon/core/record/accounts';
import type { EntityManager } from 'typeorm';
import { conflict, notFound } from '../errors/index.ts';
import type { Asker } from '../http/index.ts';
import { AccountTable, SessionTable, type AccountRow, type Store } from '../store/index.ts';
import { fitsPassword, hashPassword } from './password.ts';
import { hasAccount } from './refusals.ts';
import { newToken, tokenHash } from './secrets.ts';
import * as messages from './messages.ts';

const DAY_MS = 86_400_000;
/** A session that was not used for so long has ended, and any that is so old. */
const RESTED_MS = 14 * DAY_MS;
export const LONGEST_SESSION_MS = 90 * DAY_MS;
/** That a session was used is written down this often. */
const TOUCHED_MS = 3_600_000;

const told = ({ id, name, role }: AccountRow): Account => ({ id, name, role });

/** Accounts and sessions, in the record’s file. */
export class Accounts {
  /** Event streams that are open, by session: they end with it. */
  private readonly streams = new Map<string, Set<() => void>>();

  constructor(private readonly store: Store) {}

  /** Whether there is an account. */
  hasAny(): Promise<boolean> {
    return this.store.read((manager) => manager.exists(AccountTable));
  }

  list(): Promise<Account[]> {
    return this.store.read(async (manager) =>
      (await manager.find(AccountTable, { order: { createdAt: 'ASC', id: 'ASC' } })).map(told),
    );
  }

  /**
   * Create an account.
   *
   * @param client who asks, as far as the network tells
   * @param isFirst only where there is none yet
   */
  async add(
    { name, password, role }: { name: string; password: string; role: Role },
    client: string,
    isFirst = false,
  ): Promise<Account> {
    const hash = await hashPassword(password, client);
    return this.store.write(async (manager) => {
      if (isFirst && (await manager.exists(AccountTable))) throw hasAccount();
      if (await manager.existsBy(AccountTable, { name }))
        throw conflict('name_taken', messages.thisNameIsTaken, [
          { path: 'name', message: messages.thisNameIsTaken },
        ]);
      const row = { id: randomUUID(), name, role, password: hash, createdAt: new Date().toISOString() };
      await manager.insert(AccountTable, row);
      return told(row);
    });
  }

  /** Remove an account; its sessions end. */
  async remove(id: string): Promise<void> {
    const ended = await this.store.write(async (manager) => {
      const row = await manager.findOneBy(AccountTable, { id });
      if (!row) throw notFound(messages.theAccount);
      if (row.role === 'owner' && (await manager.countBy(AccountTable, { role: 'owner' })) === 1)
        throw conflict('last_owner', messages.theLastOwnerCannotBeRemoved);
      const hashes = await sessionsOf(manager, id);
      await manager.delete(SessionTable, { accountId: id });
      await manager.delete(AccountTable, { id });
      return hashes;
    });
    ended.forEach((hash) => this.endStreams(hash));
  }

  /**
   * Whose name and password these are.
   *
   * @returns `null`: nobody’s
   */
  async whose(name: string, password: string, client: string): Promise<Account | null> {
    const row = await this.store.read((manager) => manager.findOneBy(AccountTable, { name }));
    return (await fitsPassword(password, row?.password ?? null, client)) && row ? told(row) : null;
  }

  /**
   * Begin a session.
   *
   * @returns its token, which is kept nowhere here
   */
  async begin(accountId: string): Promise<string> {
    const token = newToken();
    const now = new Date().toISOString();
    await this.store.write(async (manager) => {
      await manager.query('DELETE FROM "session" WHERE "usedAt" < ? OR "createdAt" < ?', [
        new Date(Date.now() - RESTED_MS).toISOString(),
        new Date(Date.now() - LONGEST_SESSION_MS).toISOString(),
      ]);
      // The account may have been removed since its password was looked at.
      if (!(await manager.existsBy(AccountTable, { id: accountId }))) throw notFound(messages.theAccount);
      await manager.insert(SessionTable, {
        tokenHash: tokenHash(token),
        accountId,
        createdAt: now,
        usedAt: now,
      });
    });
    return token;
  }

  /** Who is signed in with a token; `null`: nobody, or not any more. */
  async signedIn(token: string): Promise<Asker | null> {
    const sessionHash = tokenHash(token);
    const open = await this.openSession(sessionHash);
    if (!open) return null;
    const now = Date.now();
    if (now - Date.parse(open.session.usedAt) > TOUCHED_MS)
      // Where the disk is full the session goes on all the same.
      void this.store
        .write((manager) =>
          manager.update(SessionTable, { tokenHash: sessionHash }, { usedAt: new Date(now).toISOString() }),
        )
        .catch(() => undefined);
    return { ...told(open.account), sessionHash };
  }

  /** End a session. */
  async end(sessionHash: string): Promise<void> {
    await this.store.write((manager) => manager.delete(SessionTable, { tokenHash: sessionHash }));
    this.endStreams(sessionHash);
  }

  /**
   * Have a stream end with its session.
   *
   * @param close ends it
   * @returns to be called when it ended by itself
   */
  watch(sessionHash: string, close: () => void): () => void {
    const open = this.streams.get(sessionHash) ?? new Set();
    this.streams.set(sessionHash, open.add(close));
    return () => {
      open.delete(close);
      if (open.size === 0 && this.streams.get(sessionHash) === open) this.streams.delete(sessionHash);
    };
  }

  /** End the streams of sessions that ended by themselves, or were ended by another program. */
  async endOrphans(): Promise<void> {
    for (const hash of [...this.streams.keys()])
      if ((await this.openSession(hash)) === null) this.endStreams(hash);
  }

  private async openSession(sessionHash: string) {
    const found = await this.store.read(async (manager) => {
      const session = await manager.findOneBy(SessionTable, { tokenHash: sessionHash });
      const account = session && (await manager.findOneBy(AccountTable, { id: session.accountId }));
      return account ? { session, account } : null;
    });
    if (!found) return null;
    const { createdAt, usedAt } = found.session;
    const hasEnded =
      Date.now() - Date.parse(createdAt) > LONGEST_SESSION_MS || Date.now() - Date.parse(usedAt) > RESTED_MS;
    return hasEnded ? null : found;
  }

  private endStreams(sessionHash: string) {
    const open = this.streams.get(sessionHash);
    this.streams.delete(sessionHash);
    open?.forEach((close) => close());
  }
}

async function sessionsOf(manager: EntityManager, accountId: string): Promise<string[]> {
  return (await manager.findBy(SessionTable, { accountId })).map((row) => row.tokenHash);
}
