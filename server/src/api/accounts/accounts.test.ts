import { afterAll, afterEach, beforeAll, describe, expect, test } from '@jest/globals';
import type { AuditEntry, Role } from '@phylaxon/core/record/accounts';
import { randomUUID } from 'node:crypto';
import { resetOwner } from '../../accounts/index.ts';
import {
  operationsOf,
  withAccounts,
  type Caller,
  type OpenApi,
  type Operation,
} from '../../testing/index.ts';

type Server = Awaited<ReturnType<typeof withAccounts>>;
const MINUTE_MS = 60_000;

let server: Server;
let by: Record<Role, Caller>;
let operations: Operation[];
let siteId: string;
let panelId: string;
let breakerId: string;

const created = async (who: Caller, path: string, body: object) => {
  const { status, body: answer } = await who<{ id: string }>('post', path, body);
  expect([path, answer, status]).toEqual([path, answer, 201]);
  return answer.id;
};

beforeAll(async () => {
  server = await withAccounts();
  by = await server.everybody();
  siteId = await created(by.electrician, '/sites', { name: 'Shed' });
  panelId = await created(by.electrician, `/sites/${siteId}/panels`, {
    name: 'Shed panel',
    spaces: 8,
    mainAmps: 60,
  });
  breakerId = await created(by.electrician, `/panels/${panelId}/breakers`, {
    space: 1,
    poles: 1,
    ratingAmps: 20,
  });
  operations = operationsOf((await by.viewer<OpenApi>('get', '/openapi.json')).body);
});
const realNow = Date.now;
/** The clock of the process is ahead by so much, until the test is over. */
const setClockAhead = (ms: number) => void (Date.now = () => realNow() + ms);
afterEach(() => setClockAhead(0));
afterAll(() => server.stop());

/** A case that somebody opens as an electrician, by what they send. */
const openCase = (who: Caller) =>
  created(who, '/cases', {
    ...{ siteId, panelId, breakerId, complaint: 'trips', openedBy: 'electrician' },
    openedAt: new Date().toISOString(),
  });

/** The path of an operation, with ids that are there, as far as one fits. */
const pathOf = (path: string) =>
  path
    .replace('/api/v1', '')
    .replace(/\{(\w+)\}/g, (_whole, name: string) => (name === 'id' ? randomUUID() : 'x'));

const OPEN = ['/health', '/session', '/accounts/first'];
const isOpen = (path: string) => OPEN.includes(path) || path.startsWith('/shared/');
const OWNERS_ALONE = [
  'get /accounts',
  'post /accounts',
  'delete /accounts/{id}',
  'get /audit',
  'patch /settings',
  'delete /sites/{id}',
];

describe('without a session', () => {
  test('every operation is refused, before anything of what was sent is looked at', async () => {
    expect(operations.length).toBeGreaterThan(120);
    for (const { method, path } of operations) {
      const short = path.replace('/api/v1', '');
      const { status, body } = await server.nobody<{ error: { code: string } }>(
        method,
        pathOf(path),
        method === 'get' ? undefined : '{ not json',
      );
      if (!isOpen(short))
        expect([method, path, status, body.error.code]).toEqual([method, path, 401, 'signed_out']);
      else
        expect([method, path, status === 401]).toEqual([
          method,
          path,
          method === 'get' && short === '/session',
        ]);
    }
    for (const path of ['/nothing', '/SITES', '/sites/', '/sites%2F', '/%73ites'])
      expect([path, (await server.nobody('get', path)).status]).toEqual([path, 401]);
    expect((await server.nobody('head', '/sites')).status).toBe(401);
  });

  test('a cookie of no session is none', async () => {
    for (const value of ['', 'x', '%', 'a'.repeat(5000), `${'A'.repeat(43)}`]) {
      const answer = await server.caller(`phylaxon-session=${value}`)('get', '/sites');
      expect([value.slice(0, 5), answer.status]).toEqual([value.slice(0, 5), 401]);
    }
  });
});

describe('roles', () => {
  test('each may what the table says, and nothing above; the body is not looked at before', async () => {
    for (const { method, path } of operations) {
      const short = path.replace('/api/v1', '');
      // These would end what the other tests need.
      if (isOpen(short) || /streams|changes|live/.test(short)) continue;
      const isOwners = OWNERS_ALONE.includes(`${method} ${short}`);
      const isRead = method === 'get' || /^\/(compute|cases)(\/|$)/.test(short);
      const mayBe: Record<Role, boolean> = {
        owner: true,
        electrician: !isOwners,
        viewer: !isOwners && isRead,
      };
      for (const role of ['electrician', 'viewer'] as const) {
        const { status } = await by[role](method, pathOf(path), method === 'get' ? undefined : '{ not json');
        expect([role, method, path, status === 403]).toEqual([role, method, path, !mayBe[role]]);
        expect([method, path, status < 500]).toEqual([method, path, true]);
      }
    }
  });

  test('an electrician does not import in place of what is here', async () => {
    expect((await by.electrician('post', '/imports?mode=replace', {})).status).toBe(403);
    expect((await by.electrician('post', '/imports?mode=new&mode=replace', {})).status).toBe(403);
    expect((await by.electrician('post', '/imports?mode=new', {})).status).toBe(415);
  });

  test('a viewer works on cases as a homeowner, whatever the request says', async () => {
    const cookie = await server.cookieOf('viewer');
    const claiming = server.caller(cookie, { 'Phylaxon-Profile': 'electrician' });
    const caseId = await openCase(claiming);
    const { body } = await by.owner<{ case: { openedBy: string } }>('get', `/cases/${caseId}`);
    expect(body.case.openedBy).toBe('homeowner');
    const deep = `{"openedBy":${'['.repeat(200_000)}${']'.repeat(200_000)}}`;
    expect((await claiming('post', '/cases', deep)).status).toBe(400);
    expect((await claiming('post', `/breakers/${breakerId}/notes`, { text: 'x' })).status).toBe(403);
  });
});

describe('the first account', () => {
  test('needs the code of the console; there is only one first', async () => {
    const fresh = await withAccounts();
    const first = (code: string, name = 'Ova') =>
      fresh.nobody('post', '/accounts/first', { code, name, password: fresh.password });
    expect(fresh.code).toMatch(/^\S{8,}$/);
    expect((await fresh.nobody<{ error: { code: string } }>('get', '/session')).body.error.code).toBe(
      'no_account',
    );
    expect((await first('WRONGCODE123')).status).toBe(403);
    const both = await Promise.all([first(fresh.code, 'Ova'), first(fresh.code, 'Otto')]);
    expect(both.map(({ status }) => status).sort()).toEqual([201, 409]);
    expect((await first(fresh.code)).status).toBe(409);
    fresh.stop();
  });

  test.each([
    ['an empty name', { name: '' }],
    ['a blank name', { name: '   ' }],
    ['a control character', { name: 'a\u0007b' }],
    ['61 characters', { name: 'x'.repeat(61) }],
    ['a short password', { password: 'seven77' }],
    ['129 characters', { password: 'x'.repeat(129) }],
    ['no password', { password: undefined }],
  ])('%s is bad input', async (_what, wrong) => {
    const { status, body } = await by.owner<{ error: { issues: { path: string }[] } }>('post', '/accounts', {
      ...{ name: 'Nobody', password: server.password, role: 'viewer' },
      ...wrong,
    });
    expect([status, body.error.issues[0]!.path]).toEqual([400, Object.keys(wrong)[0]]);
  });

  test('other roles are bad input; names of one character and of 60, and passwords of 12 and 128, are taken', async () => {
    expect(
      (await by.owner('post', '/accounts', { name: 'x', password: server.password, role: 'admin' })).status,
    ).toBe(400);
    for (const [name, password] of [
      ['x', 'p'.repeat(12)],
      ['💥'.repeat(60), '💥'.repeat(128)],
    ] as const) {
      const { status, body } = await by.owner<{ id: string }>('post', '/accounts', {
        name,
        password,
        role: 'viewer',
      });
      expect(status).toBe(201);
      expect((await server.nobody('post', '/session', { name, password })).status).toBe(201);
      expect((await by.owner('delete', `/accounts/${body.id}`)).status).toBe(200);
    }
  });
});

describe('sessions', () => {
  test('the cookie is out of reach of pages, and gone from the server after signing out', async () => {
    const answer = await server.nobody('post', '/session', { name: 'viewer', password: server.password });
    expect([answer.status, answer.body]).toEqual([201, { name: 'viewer', role: 'viewer' }]);
    const cookie = answer.headers.get('set-cookie')!;
    expect(cookie).toMatch(/; HttpOnly/);
    expect(cookie).toMatch(/; SameSite=Strict/);
    expect(cookie).not.toMatch(/Secure/);
    const who = server.caller(cookie.split(';')[0]!);
    expect((await who('get', '/session')).body).toEqual({ name: 'viewer', role: 'viewer' });
    expect((await who('delete', '/session')).status).toBe(200);
    expect((await who('get', '/session')).status).toBe(401);
    expect((await who('get', '/sites')).status).toBe(401);
  });

  test('a wrong password and an unknown name get the same words', async () => {
    const of = (name: string) => server.nobody('post', '/session', { name, password: 'not the password' });
    const [known, unknown] = await Promise.all([of('viewer'), of('who is that')]);
    expect([known.status, unknown.status]).toEqual([401, 401]);
    expect(known.body).toEqual(unknown.body);
  });

  test('they end with the account, open streams with them; the last owner stays', async () => {
    const id = await created(by.owner, '/accounts', {
      name: 'Leaves',
      password: server.password,
      role: 'viewer',
    });
    const cookie = await server.cookieOf('Leaves');
    const stream = await fetch(`${server.base}/api/v1/panels/${panelId}/changes`, { headers: { cookie } });
    const reader = stream.body!.getReader();
    await reader.read();
    expect((await by.owner('delete', `/accounts/${id}`)).status).toBe(200);
    // It ends, one way or the other.
    await expect(
      (async () => {
        for (;;) if ((await reader.read()).done) throw new Error('ended');
      })(),
    ).rejects.toThrow();
    expect((await server.caller(cookie)('get', '/sites')).status).toBe(401);
    const { body } = await by.owner<{ accounts: { id: string; role: Role }[] }>('get', '/accounts');
    const owner = body.accounts.find(({ role }) => role === 'owner')!;
    expect((await by.owner('delete', `/accounts/${owner.id}`)).status).toBe(409);
    expect((await by.owner('delete', `/accounts/${randomUUID()}`)).status).toBe(404);
    expect(
      (await by.owner('post', '/accounts', { name: 'Ova', password: server.password, role: 'viewer' }))
        .status,
    ).toBe(409);
  });

  test('one that was not used for long has ended', async () => {
    const who = server.caller(await server.cookieOf('viewer'));
    setClockAhead(13 * 86_400_000);
    expect((await who('get', '/session')).status).toBe(200);
    setClockAhead(60 * 86_400_000);
    expect((await who('get', '/session')).status).toBe(401);
  });
});

describe('guessing', () => {
  test('ten failures for a name, then nothing is looked at for a quarter of an hour', async () => {
    const { nobody, stop, everybody, password } = await withAccounts();
    await everybody();
    const guess = (name: string, word = 'not the password') =>
      nobody('post', '/session', { name, password: word });
    // Tries under way count: of twenty at once, ten are looked at.
    const answers = await Promise.all(Array.from({ length: 20 }, () => guess('Ova')));
    const statuses = answers.map(({ status }) => status);
    expect(statuses.filter((status) => status === 401)).toHaveLength(10);
    expect(statuses.filter((status) => status === 429)).toHaveLength(10);
    const refused = answers.find(({ status }) => status === 429)!;
    expect(Number(refused.headers.get('retry-after'))).toBeGreaterThan(800);
    // The right one, too; and, as it is the same address, any other name.
    expect((await guess('Ova', password)).status).toBe(429);
    expect((await guess('viewer', password)).status).toBe(429);
    setClockAhead(16 * MINUTE_MS);
    expect((await guess('Ova', password)).status).toBe(201);
    stop();
  });

  test('right passwords are no failures', async () => {
    for (let i = 0; i < 15; i++) await server.cookieOf('viewer');
    expect(
      (await server.nobody('post', '/session', { name: 'viewer', password: server.password })).status,
    ).toBe(201);
  });
});

describe('links', () => {
  const linkTo = (of: string, what = 'report', days: unknown = 7) =>
    by.electrician<{ id: string; url: string; expiresAt: string }>('post', `/sites/${siteId}/links`, {
      days,
      what,
      of,
    });
  const tokenOf = (url: string) => /\/shared\/([\w-]+)$/.exec(url)![1]!;
  const shown = (token: string, rest = '') => server.nobody('get', `/shared/${token}${rest}`);

  test('show their page and nothing else, until they are withdrawn or expire', async () => {
    const { status, body } = await linkTo(panelId);
    expect(status).toBe(201);
    const token = tokenOf(body.url);
    expect(Buffer.from(token, 'base64url')).toHaveLength(32);
    const page = await shown(token);
    expect([page.status, page.body.what]).toEqual([200, 'report']);
    expect(page.headers.get('cache-control')).toBe('no-store');
    expect(page.headers.get('referrer-policy')).toBe('no-referrer');
    const pdf = await shown(token, '/page.pdf');
    expect([pdf.status, pdf.headers.get('cache-control')]).toEqual([200, 'no-store']);
    expect((await shown(token, `/photos/${'0'.repeat(64)}`)).status).toBe(404);
    expect((await server.nobody('get', `/panels/${panelId}`)).status).toBe(401);
    setClockAhead(8 * 86_400_000);
    expect((await shown(token)).status).toBe(404);
    setClockAhead(0);
    expect((await shown(token)).status).toBe(200);
    expect((await by.electrician('delete', `/links/${body.id}`)).status).toBe(200);
    expect((await shown(token)).status).toBe(404);
    expect((await shown('x')).status).toBe(404);
    expect((await by.electrician('delete', `/links/${body.id}`)).status).toBe(404);
  });

  test('are of this site, or are not made', async () => {
    const other = await created(by.electrician, '/sites', { name: 'Barn' });
    for (const [of, what] of [
      [other, 'report'],
      [randomUUID(), 'report'],
      [panelId, 'hand-over'],
      [siteId, 'hand-over'],
      [breakerId, 'report'],
    ] as const)
      expect([what, (await linkTo(of, what)).status]).toEqual([what, 400]);
    for (const days of [0, 91, 1.5, '7', null])
      expect((await linkTo(siteId, 'report', days)).status).toBe(400);
    expect(
      (await by.viewer('post', `/sites/${siteId}/links`, { days: 1, what: 'report', of: siteId })).status,
    ).toBe(403);
    expect((await linkTo(siteId)).status).toBe(201);
    expect((await by.owner('delete', `/sites/${other}`)).status).toBe(200);
  });

  test('a hand-over shows its case', async () => {
    const caseId = await openCase(by.electrician);
    const { body } = await linkTo(caseId, 'hand-over');
    expect((await shown(tokenOf(body.url))).body.what).toBe('hand-over');
    expect((await shown(tokenOf(body.url), '/page.pdf')).status).toBe(200);
  });

  test('are listed without their address', async () => {
    const { body } = await by.viewer<{ links: object[] }>('get', `/sites/${siteId}/links`);
    expect(body.links.length).toBeGreaterThan(0);
    expect(JSON.stringify(body)).not.toContain('shared');
  });
});

describe('meters', () => {
  const send = (headers: Record<string, string>, feed: string) =>
    fetch(`${server.base}/api/v1/feeds/${feed}/samples`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/x-ndjson', ...headers },
      body: JSON.stringify({
        ...{
          instrument: 'contact-meter',
          point: 'outlet',
          value: 0,
          unit: 'V',
          time: new Date().toISOString(),
        },
      }),
    });

  test('send with their own token, and nobody else under their name: no false 0 V', async () => {
    const cookie = await server.cookieOf('electrician');
    const { body } = await by.electrician<{ token: string }>('post', '/meters', { feed: 'own-meter' });
    const bearer = (token: string) => ({ Authorization: `Bearer ${token}` });
    expect((await send(bearer(body.token), 'own-meter')).status).toBe(201);
    expect((await send({ cookie }, 'own-meter')).status).toBe(403);
    expect((await send({}, 'own-meter')).status).toBe(401);
    expect((await send(bearer('x'), 'own-meter')).status).toBe(401);
    expect((await send(bearer(body.token), 'other-meter')).status).toBe(401);
    // One that has none is sent for by whoever may log.
    expect((await send({ cookie }, 'other-meter')).status).toBe(201);
    expect((await send({ cookie: await server.cookieOf('viewer') }, 'other-meter')).status).toBe(403);
    // The token opens nothing else.
    const sites = await fetch(`${server.base}/api/v1/sites`, { headers: bearer(body.token) });
    expect(sites.status).toBe(401);
    const renewed = await by.electrician<{ token: string }>('post', '/meters', { feed: 'own-meter' });
    expect((await send(bearer(body.token), 'own-meter')).status).toBe(401);
    expect((await send(bearer(renewed.body.token), 'own-meter')).status).toBe(201);
    expect((await by.viewer<{ meters: object[] }>('get', '/meters')).body.meters).toHaveLength(1);
    expect((await by.electrician('delete', '/meters/own-meter')).status).toBe(200);
    expect((await by.electrician('delete', '/meters/own-meter')).status).toBe(404);
    expect((await send({ cookie }, 'own-meter')).status).toBe(201);
  });
});

describe('a visit', () => {
  const at = new Date().toISOString();
  const entry = (who: Caller, kind: string, content: object) =>
    who<{ id: string; error?: { code: string } }>('post', `/panels/${panelId}/entries`, {
      kind,
      at,
      content,
    });

  test('has one person at work: whoever did its first step, until somebody takes it over', async () => {
    await by.owner('post', '/accounts', { name: 'Second', password: server.password, role: 'electrician' });
    const second = server.caller(await server.cookieOf('Second'));
    const visitId = randomUUID();
    const task = { id: 'new', work: 'new-breaker', breakerId: null, partId: randomUUID(), label: 'Kiln' };
    const planned = await entry(by.electrician, 'visit', {
      ...{ visitId, off: 'its main breaker', minutes: 30 },
      tasks: [{ ...task, space: 3, poles: 1, ratingAmps: 20 }],
    });
    expect(planned.status).toBe(201);
    const owner = async (who: Caller) => (await who('get', `/visits/${visitId}/owner`)).body;
    expect(await owner(second)).toEqual({ name: null, isYou: false });
    const step = (who: Caller, n: number) => entry(who, 'visit-step', { visitId, n, fact: { is: 'paused' } });
    expect((await step(by.electrician, 0)).status).toBe(201);
    const isRefusedForOwner = (answer: Awaited<ReturnType<typeof step>>) =>
      answer.status === 403 && answer.body.error?.code === 'visit_of_another';
    expect(await owner(by.electrician)).toEqual({ name: 'electrician', isYou: true });
    expect(isRefusedForOwner(await step(second, 1))).toBe(true);
    expect((await second('post', `/visits/${visitId}/owner`, {})).body).toEqual({
      name: 'Second',
      isYou: true,
    });
    expect(isRefusedForOwner(await step(by.electrician, 1))).toBe(true);
    expect(isRefusedForOwner(await step(by.owner, 1))).toBe(true);
    expect(isRefusedForOwner(await step(second, 1))).toBe(false);
    expect(await owner(by.electrician)).toEqual({ name: 'Second', isYou: false });
    expect((await by.viewer('post', `/visits/${visitId}/owner`, {})).status).toBe(403);
    expect((await by.electrician('get', `/visits/${randomUUID()}/owner`)).status).toBe(404);
  });
});

describe('the audit', () => {
  test('tells who did what, newest first, in pages, by site', async () => {
    const { body } = await by.owner<{ entries: AuditEntry[] }>('get', '/audit?limit=200');
    const ids = body.entries.map(({ id }) => id);
    expect(ids).toEqual([...ids].sort((a, b) => b - a));
    const added = body.entries.find(({ what }) => what.startsWith('Add a panel'))!;
    expect([added.name, added.siteId]).toEqual(['electrician', siteId]);
    const breaker = body.entries.find(({ what }) => what.startsWith('Install a breaker'))!;
    expect(breaker.siteId).toBe(siteId);
    expect(
      body.entries.some(({ name, what }) => name === 'Ova' && what.startsWith('Create the first account')),
    ).toBe(true);
    expect(body.entries.some(({ name }) => name === 'Leaves')).toBe(true);
    const older = await by.owner<{ entries: AuditEntry[] }>('get', `/audit?limit=2&before=${ids[1]}`);
    expect(older.body.entries.map(({ id }) => id)).toEqual(ids.slice(2, 4));
    const ofSite = await by.owner<{ entries: AuditEntry[] }>('get', `/audit?site=${siteId}`);
    expect(new Set(ofSite.body.entries.map((one) => one.siteId))).toEqual(new Set([siteId]));
    for (const query of ['limit=0', 'limit=201', 'before=x', 'site=x'])
      expect((await by.owner('get', `/audit?${query}`)).status).toBe(400);
  });

  test('what was refused is not in it, nor what changes nothing', async () => {
    const count = async () =>
      (await by.owner<{ entries: AuditEntry[] }>('get', '/audit?limit=1')).body.entries[0]!.id;
    const before = await count();
    await by.viewer('post', '/sites', { name: 'No' });
    await by.electrician('post', '/sites', { name: '' });
    await by.electrician('post', '/compute/trip-window', {});
    expect(await count()).toBe(before);
  });
});

test('nothing secret stands in the record’s file', async () => {
  const cookie = await server.cookieOf('viewer');
  const { body } = await by.owner<{ url: string }>('post', `/sites/${siteId}/links`, {
    ...{ days: 1, what: 'report', of: siteId },
  });
  const dump: string[] = [];
  await server.store.read(async (manager) => {
    const tables = (await manager.query(`SELECT name FROM sqlite_master WHERE type = 'table'`)) as {
      name: string;
    }[];
    for (const { name } of tables) dump.push(JSON.stringify(await manager.query(`SELECT * FROM "${name}"`)));
  });
  const all = dump.join('\n');
  expect(all).toContain('scrypt$');
  for (const secret of [server.password, cookie.split('=')[1]!, body.url.split('/').at(-1)!, server.code])
    expect(all.includes(secret)).toBe(false);
});

test('a lost owner’s password is reset on the computer itself: old sessions end, and the audit tells of it', async () => {
  const own = await withAccounts({ onDisk: true });
  const { owner } = await own.everybody();
  const { file } = own.store;
  await expect(resetOwner(file, 'viewer')).rejects.toThrow(/Ova/);
  await expect(resetOwner(`${file}.none`, undefined)).rejects.toThrow(/no database/);
  const { name, password } = await resetOwner(file, undefined);
  expect((await owner('get', '/accounts')).status).toBe(401);
  expect((await own.nobody('post', '/session', { name, password: own.password })).status).toBe(401);
  const again = own.caller(await own.cookieOf(name, password));
  const { body } = await again<{ entries: AuditEntry[] }>('get', '/audit');
  expect(body.entries.some(({ what }) => what.includes('Reset an owner'))).toBe(true);
  own.stop();
});

test('with accounts off nobody signs in, and everything is as it was', async () => {
  const { testApp, listening } = await import('../../testing/index.ts');
  const off = await testApp();
  const { port, stop } = await listening(off.app);
  const ask = (method: string, path: string, body?: object) =>
    fetch(`http://127.0.0.1:${port}/api/v1${path}`, {
      method,
      ...(body && { headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) }),
    });
  expect(await (await ask('GET', '/session')).json()).toEqual({ name: null, role: 'owner' });
  expect((await ask('POST', '/session', { name: 'x', password: 'y' })).status).toBe(409);
  expect((await ask('POST', '/sites', { name: 'Shed' })).status).toBe(201);
  expect(await (await ask('GET', '/audit')).json()).toEqual({ entries: [] });
  stop();
});
