import { listening } from './listening.ts';
import { testApp } from './testApp.ts';
import type { Role } from '@phylaxon/core/record/accounts';

const PASSWORD = 'correct horse battery';

/** What was asked of a server, and what it answered. */
export interface Asked<T> {
  status: number;
  headers: Headers;
  body: T;
}

/** Somebody who asks a server, signed in or not. */
export type Caller = <T = Record<string, unknown>>(
  method: string,
  path: string,
  body?: unknown,
) => Promise<Asked<T>>;

/**
 * An application with accounts on, and one of each role signed in.
 *
 * @param options of the application
 */
export async function withAccounts(options: Parameters<typeof testApp>[0] = {}) {
  const made = await testApp({ ...options, accounts: true });
  const { port, stop } = await listening(made.app);
  const base = `http://127.0.0.1:${port}`;
  const caller =
    (cookie: string | null, more: Record<string, string> = {}): Caller =>
    async <T>(method: string, path: string, body?: unknown) => {
      const answer = await fetch(path.startsWith('/api') ? base + path : `${base}/api/v1${path}`, {
        method: method.toUpperCase(),
        headers: {
          ...(cookie !== null && { cookie }),
          ...(body !== undefined && { 'Content-Type': 'application/json' }),
          ...more,
        },
        ...(body !== undefined && { body: typeof body === 'string' ? body : JSON.stringify(body) }),
      });
      const text = await answer.text();
      return {
        status: answer.status,
        headers: answer.headers,
        body: (text.startsWith('{') ? JSON.parse(text) : text) as T,
      };
    };
  const nobody = caller(null);
  const code = made.access.setupCode!;
  /** Sign somebody in; the cookie as a browser would send it. */
  const cookieOf = async (name: string, password = PASSWORD) => {
    const answer = await nobody('post', '/session', { name, password });
    return answer.headers.get('set-cookie')!.split(';')[0]!;
  };
  /** One of each role, made and signed in. */
  const everybody = async (): Promise<Record<Role, Caller>> => {
    await nobody('post', '/accounts/first', { code, name: 'Ova', password: PASSWORD });
    const owner = caller(await cookieOf('Ova'));
    for (const role of ['electrician', 'viewer'] as const)
      await owner('post', '/accounts', { name: role, password: PASSWORD, role });
    return {
      owner,
      electrician: caller(await cookieOf('electrician')),
      viewer: caller(await cookieOf('viewer')),
    };
  };
  return { ...made, base, stop, code, caller, nobody, cookieOf, everybody, password: PASSWORD };
}
