import { AccountTable, VisitOwnerTable, type Store } from '../store/index.ts';

/** Who works on a visit: one at a time, whoever did its first step, until somebody takes it over. */
export class VisitOwners {
  constructor(private readonly store: Store) {}

  /** Whose a visit is; `null`: nobody’s yet, or the account is gone. */
  of(visitId: string): Promise<{ id: string; name: string } | null> {
    return this.store.read(async (manager) => {
      const row = await manager.findOneBy(VisitOwnerTable, { visitId });
      const account = row && (await manager.findOneBy(AccountTable, { id: row.accountId }));
      return account && { id: account.id, name: account.name };
    });
  }

  /** It is this account’s from now on. */
  async take(visitId: string, accountId: string): Promise<void> {
    await this.store.write((manager) => manager.upsert(VisitOwnerTable, { visitId, accountId }, ['visitId']));
  }

  /** It is this account’s, if it is nobody’s yet. */
  async claim(visitId: string, accountId: string): Promise<void> {
    if ((await this.of(visitId)) === null) await this.take(visitId, accountId);
  }
}

/** The visit that an entry of a panel is a step of; `null`: it is none. */
export function visitOfStep(body: unknown): string | null {
  const { kind, content } = (body ?? {}) as { kind?: unknown; content?: { visitId?: unknown } | null };
  const visitId = content?.visitId;
  return kind === 'visit-step' && typeof visitId === 'string' ? visitId.toLowerCase() : null;
}
