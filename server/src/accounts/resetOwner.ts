import { existsSync } from 'node:fs';
import { AccountTable, AuditTable, Connection, SessionTable } from '../store/index.ts';
import { hashPassword } from './password.ts';
import { newSetupCode } from './secrets.ts';
import * as messages from './messages.ts';

/**
 * Give an owner a new password, end their sessions, and write it into the audit; on the computer that holds the record, also while the
 * server runs.
 *
 * @param file the record
 * @param name of the owner; may be left out where there is one only
 * @throws Error in one line, with what to do
 */
export async function resetOwner(
  file: string,
  name: string | undefined,
): Promise<{ name: string; password: string }> {
  if (!existsSync(file)) throw new Error(messages.thereIsNoRecordAt(file));
  const password = newSetupCode() + newSetupCode();
  const hash = await hashPassword(password, 'console');
  const connection = new Connection(file, 'write');
  try {
    return await connection.transaction(async (manager) => {
      const owners = await manager.findBy(AccountTable, { role: 'owner' });
      const owner =
        name === undefined && owners.length === 1 ? owners[0] : owners.find((one) => one.name === name);
      if (!owner) throw new Error(messages.nameOneOfTheOwners(owners.map((one) => one.name)));
      await manager.update(AccountTable, { id: owner.id }, { password: hash });
      await manager.delete(SessionTable, { accountId: owner.id });
      await manager.insert(AuditTable, {
        ...{
          at: new Date().toISOString(),
          name: owner.name,
          what: messages.resetAnOwnersPassword,
          siteId: null,
        },
      });
      return { name: owner.name, password };
    });
  } finally {
    await connection.close();
  }
}
