import { ENDPOINTS } from '@phylaxon/core/api';
import type { Access } from '../../accounts/index.ts';
import { hasAccount, isSameSecret, sessionCookie, signedOut } from '../../accounts/index.ts';
import { conflict } from '../../errors/index.ts';
import { ApiError, implement, WithHeaders, type Route } from '../../http/index.ts';
import * as messages from './messages.ts';

const OFF = { name: null, role: 'owner' } as const;
const isSecure = (origin: string) => origin.startsWith('https:');

/** Signing in and out, accounts, meters, and who did what. */
export function accountRoutes(access: Access): Route[] {
  const { accounts, attempts, audit, meters } = access;
  /** An answer with a cookie; its shape is checked by nobody else. */
  const withCookie = (token: string | null, origin: string, content: unknown) =>
    new WithHeaders(
      { 'Set-Cookie': sessionCookie(token, isSecure(origin)), 'Cache-Control': 'no-store' },
      content,
    ) as never;
  return [
    implement('GET /session', {
      handle: async ({ asker }) => {
        if (!access.isOn()) return OFF;
        if (asker) return { name: asker.name, role: asker.role };
        const isNew = !(await accounts.hasAny());
        throw isNew ? new ApiError(401, 'no_account', messages.createTheFirstAccount) : signedOut();
      },
    }),
    implement('POST /session', {
      isAtOnce: true,
      handle: async ({ body: { name, password }, client, origin }) => {
        if (!access.isOn()) throw conflict('accounts_off', messages.accountsAreOff);
        const attempt = attempts.begin([`name:${name}`, `address:${client}`]);
        if (typeof attempt === 'number')
          throw new ApiError(429, 'too_many_attempts', messages.tooManyAttempts(attempt), undefined, attempt);
        const account = await accounts.whose(name, password, client);
        if (!account) throw new ApiError(401, 'wrong_credentials', messages.nameOrPasswordIsWrong);
        const token = await accounts.begin(account.id);
        attempt.succeeded();
        await audit.write(account.name, ENDPOINTS['POST /session'].summary);
        return withCookie(token, origin, { name: account.name, role: account.role });
      },
    }),
    implement('DELETE /session', {
      handle: async ({ asker, origin }) => {
        if (asker) await accounts.end(asker.sessionHash);
        return withCookie(null, origin, {});
      },
    }),
    implement('POST /accounts/first', {
      handle: async ({ body: { code, name, password }, client }) => {
        if (!access.isOn()) throw conflict('accounts_off', messages.accountsAreOff);
        if (access.setupCode === null || (await accounts.hasAny())) throw hasAccount();
        if (!isSameSecret(code, access.setupCode))
          throw new ApiError(403, 'wrong_code', messages.theSetupCodeIsWrong);
        const account = await accounts.add({ name, password, role: 'owner' }, client, true);
        access.setupCode = null;
        await audit.write(account.name, ENDPOINTS['POST /accounts/first'].summary);
        return account;
      },
    }),
    implement('GET /accounts', { handle: async () => ({ accounts: await accounts.list() }) }),
    implement('POST /accounts', {
      handle: ({ body, client }) => {
        if (!access.isOn()) throw conflict('accounts_off', messages.accountsAreOff);
        return accounts.add(body, client);
      },
    }),
    implement('DELETE /accounts/:id', {
      handle: async ({ params }) => {
        await accounts.remove(params.id);
        return {};
      },
    }),
    implement('GET /meters', { handle: async () => ({ meters: await meters.list() }) }),
    implement('POST /meters', {
      handle: async ({ body: { feed } }) => ({ feed, token: await meters.give(feed) }),
    }),
    implement('DELETE /meters/:feed', {
      handle: async ({ params }) => {
        await meters.withdraw(params.feed);
        return {};
      },
    }),
    implement('GET /audit', { handle: async ({ query }) => ({ entries: await audit.list(query) }) }),
  ];
}
