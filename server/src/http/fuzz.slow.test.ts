import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { seeded } from '@phylaxon/core/facts/random';
import { runs, isWhole } from '@phylaxon/core/testing';
import { randomUUID } from 'node:crypto';
import { ROLES, type Role } from '@phylaxon/core/record/accounts';
import { z } from 'zod';
import type { SiteSummary } from '@phylaxon/core/views/board';
import { aJpeg, Fuzz, operationsOf, withAccounts, type OpenApi, type Operation } from '../testing/index.ts';

/** In every run so many; all 20 000 with `npm run fuzz`. */
const REQUESTS = runs(700, 20_000);
const SEED = Number(process.env.FUZZ_SEED ?? 20_261_127);
const AT_ONCE = 4;
const LIBRARY =
  /\b(Invalid (input|option|string|key)|expected \w+, received|Unrecognized key|Too (small|big)|SQLITE|QueryFailed|undefined|\[object)\b/;

const errorBody = z.strictObject({
  error: z.strictObject({
    code: z.string().regex(/^[a-z_]+$/),
    message: z.string().min(5),
    issues: z
      .array(z.strictObject({ path: z.string(), message: z.string().min(2) }))
      .min(1)
      .optional(),
  }),
});

/** Mostly the owner: whoever may do less is refused more. */
type Asker = Role | 'nobody';
const ASKERS: Asker[] = [
  'owner',
  'owner',
  'owner',
  'owner',
  'electrician',
  'electrician',
  'viewer',
  'nobody',
];

let server: Awaited<ReturnType<typeof withAccounts>>;
/** Who is signed in; nobody has none. */
const cookies: Partial<Record<Asker, string>> = {};
let base: string;
let zip: Buffer;
let handOver: Buffer;
let ids: Record<string, string[]> = {};

beforeAll(async () => {
  server = await withAccounts({ demo: true });
  base = server.base;
  await server.everybody();
  const names = { owner: 'Ova', electrician: 'electrician', viewer: 'viewer' };
  for (const role of ROLES) cookies[role] = await server.cookieOf(names[role]);
  await lookAround();
  const task = {
    id: 'new',
    work: 'new-breaker',
    breakerId: null,
    partId: randomUUID(),
    label: 'Kiln',
    space: 1,
  };
  const content = {
    visitId: randomUUID(),
    tasks: [{ ...task, poles: 1, ratingAmps: 20 }],
    off: 'its main breaker',
    minutes: 30,
  };
  await fetch(`${base}/api/v1/panels/${ids.panels![0]}/entries`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json', ...asOwner() },
    body: JSON.stringify({ kind: 'visit', at: '2026-11-01T10:00:00Z', content }),
  });
  await lookAround();
  const download = async (path: string) =>
    Buffer.from(await (await fetch(`${base}/api/v1${path}`, { headers: asOwner() })).arrayBuffer());
  zip = await download(`/sites/${ids.sites![0]}/site.zip`);
  const opened = await fetch(`${base}/api/v1/cases`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json', ...asOwner() },
    body: JSON.stringify({
      siteId: ids.sites![0],
      panelId: ids.panels![0],
      breakerId: ids.breakers![0],
      complaint: 'trips',
      openedBy: 'homeowner',
      openedAt: '2026-11-01T10:00:00Z',
    }),
  });
  const { id } = (await opened.json()) as { id: string };
  handOver = await download(`/cases/${id}/handover.json`);
});
afterAll(() => server.stop());

const asOwner = () => ({ cookie: cookies.owner! });

const get = async <T>(path: string) =>
  (await (await fetch(`${base}/api/v1${path}`, { headers: asOwner() })).json()) as T;

/** What is there now: requests change and wipe it. */
async function lookAround() {
  const { sites } = await get<{ sites: SiteSummary[] }>('/sites');
  const { cases } = await get<{ cases: { case: { id: string } }[] }>('/cases');
  const panels = sites.flatMap((one) => one.panels.map(({ panel }) => panel.id));
  const breakers: string[] = [];
  const entries: Record<string, string[]> = {};
  for (const panel of panels.slice(0, 4)) {
    const board = await get<{ breakers?: { breaker: { id: string } }[] }>(`/panels/${panel}`);
    breakers.push(...(board.breakers ?? []).map(({ breaker }) => breaker.id));
  }
  for (const breaker of breakers.slice(0, 6)) {
    const timeline = await get<{ entries?: { kind: string; id: string }[] }>(`/breakers/${breaker}/timeline`);
    for (const { kind, id } of timeline.entries ?? []) (entries[kind] ??= []).push(id);
  }
  const visits: string[] = [];
  for (const { site } of sites) {
    const known = await get<{ visits?: { visitId: string }[] }>(`/sites/${site.id}/visits`);
    visits.push(...(known.visits ?? []).map(({ visitId }) => visitId));
  }
  const events = ['trips', 'resets', 'handles', 'held'].flatMap((kind) => entries[kind] ?? []);
  ids = {
    sites: sites.map(({ site }) => site.id),
    panels,
    breakers,
    cases: cases.map((one) => one.case.id),
    visits,
    ...entries,
    events,
  };
}

/** A file of the kind an operation takes: sound, changed somewhere, or something else. */
function fileFor(operation: Operation, fuzz: Fuzz): Buffer {
  const table = Buffer.from('time (UTC),place,measured at,value,unit\n2026-11-03T19:05:00Z,1,outlet,119,V\n');
  const sound =
    operation.file === 'image/jpeg'
      ? aJpeg({ exif: true })
      : operation.file === 'text/csv'
        ? table
        : operation.path.endsWith('/handovers')
          ? handOver
          : zip;
  if (fuzz.chance(0.4)) return sound;
  if (fuzz.chance(0.2))
    return fuzz.one([Buffer.alloc(0), zip, handOver, table, Buffer.from('{}'), Buffer.from('[[['), aJpeg()]);
  const spoilt = Buffer.from(fuzz.chance(0.3) ? sound.subarray(0, fuzz.some(sound.length)) : sound);
  for (let i = 0; i < 3 && spoilt.length > 0; i++) spoilt[fuzz.some(spoilt.length)] = fuzz.some(256);
  return spoilt;
}

/** What an asker is answered who may not ask this at all; null: they may. */
function refusalFor(by: Asker, { method, path }: Operation, address: string): 401 | 403 | null {
  const short = path.replace('/api/v1', '');
  if (['/health', '/session', '/accounts/first'].includes(short) || short.startsWith('/shared/')) return null;
  if (by === 'nobody') return 401;
  if (by === 'owner') return null;
  const isOwners =
    short.startsWith('/accounts') ||
    short === '/audit' ||
    (method === 'patch' && short === '/settings') ||
    (method === 'delete' && short === '/sites/{id}') ||
    /\/imports\?(.*&)?mode=replace/.test(address);
  if (isOwners) return 403;
  const isOpen = method === 'get' || /^\/(cases|compute)(\/|$)/.test(short);
  return by === 'viewer' && !isOpen ? 403 : null;
}

interface Asked {
  by: Asker;
  address: string;
  operation: Operation;
  said: string;
  status: number;
  type: string;
  text: string;
}

async function ask(operation: Operation, fuzz: Fuzz): Promise<Asked> {
  const address = fuzz.address(operation);
  // Whoever signs out, or fails to sign in too often, asks nothing else any more.
  const isSigning = operation.path.endsWith('/session') && operation.method !== 'get';
  const by = isSigning ? 'nobody' : fuzz.one(ASKERS);
  const cookie = cookies[by];
  const init: RequestInit = { method: operation.method.toUpperCase() };
  let said = `${by}: ${init.method} ${address}`;
  if (operation.file) {
    const file = fileFor(operation, fuzz);
    init.headers = { 'Content-Type': fuzz.chance(0.04) ? 'text/html' : operation.file };
    init.body = new Uint8Array(file);
    said += ` with a file of ${file.length} bytes`;
  } else if (operation.body) {
    const sound = fuzz.value(operation.body);
    const body = fuzz.chance(0.55) ? fuzz.spoilt(sound) : sound;
    const text = fuzz.chance(0.02) ? '{"half":' : JSON.stringify(body);
    init.headers = { 'Content-Type': fuzz.chance(0.02) ? 'text/plain' : 'application/json' };
    init.body = text;
    said += ` ${text.slice(0, 600)}`;
  }
  const controller = new AbortController();
  init.headers = { ...init.headers, ...(cookie !== undefined && { cookie }) } as Record<string, string>;
  const answer = await fetch(base + address, { ...init, signal: controller.signal });
  const type = (answer.headers.get('content-type') ?? '').split(';')[0]!;
  if (type !== 'text/event-stream')
    return { by, address, operation, said, status: answer.status, type, text: await answer.text() };
  controller.abort();
  return { by, address, operation, said, status: answer.status, type, text: '' };
}

const shapes = new Map<Operation, z.ZodType>();

/** What is wrong with an answer; null: nothing. */
function complaintOf({ by, address, operation, status, type, text }: Asked): string | null {
  const { good } = operation;
  const refusal = refusalFor(by, operation, address);
  if (refusal !== null && status !== refusal) return `answered above the role, instead of ${refusal}`;
  if (status >= 500) return 'the server failed';
  if (status >= 300) {
    if (type !== 'application/json') return `refused as ${type}`;
    const parsed = errorBody.safeParse(JSON.parse(text));
    if (!parsed.success) return 'refused in another shape';
    if (status === 400 && !parsed.data.error.issues && parsed.data.error.code === 'invalid_input')
      return 'no field is told';
    const words = [parsed.data.error, ...(parsed.data.error.issues ?? [])].map(({ message }) => message);
    const foreign = words.find((message) => LIBRARY.test(message));
    return foreign ? `a library’s words: ${foreign}` : null;
  }
  if (status !== good.status) return `another status than ${good.status}`;
  if (!good.types.includes(type)) return `another type than ${good.types.join()}`;
  if (type !== 'application/json' || !good.schema) return null;
  if (!shapes.has(operation))
    shapes.set(operation, z.fromJSONSchema(good.schema as Parameters<typeof z.fromJSONSchema>[0]));
  const parsed = shapes.get(operation)!.safeParse(JSON.parse(text));
  return parsed.success
    ? null
    : `another shape: ${parsed.error.issues[0]!.path.join('.')} ${parsed.error.issues[0]!.message}`;
}

/** What takes a file, and so many more of them at most. */
const FILES = ['post /api/v1/imports', 'post /api/v1/imports/preview', 'post /api/v1/handovers'];
const MOST_FILES = 60;

test(`${REQUESTS} requests made up from the OpenAPI document: by each role and by nobody: never a failure, another shape, or an answer above the role`, async () => {
  const document = await get<OpenApi>('/openapi.json');
  const operations = operationsOf(document);
  const next = seeded(SEED);
  const fuzz = new Fuzz(next, () => ids);
  const wrong: string[] = [];
  const met = new Map<Operation, Set<boolean>>();
  for (let done = 0; done < REQUESTS; done += AT_ONCE) {
    if (done % 200 === 0) {
      await lookAround();
      if (ids.breakers!.length < 10) {
        // All was wiped: bring the first site back.
        await fetch(`${base}/api/v1/imports?mode=${ids.sites!.length === 0 ? 'new' : 'copy'}`, {
          method: 'POST',
          headers: { 'Content-Type': 'application/zip', ...asOwner() },
          body: new Uint8Array(zip),
        });
        await lookAround();
      }
    }
    const batch = Array.from({ length: AT_ONCE }, (_, i) => operations[(done + i) % operations.length]!);
    for (const asked of await Promise.all(batch.map((operation) => ask(operation, fuzz)))) {
      const complaint = complaintOf(asked);
      if (complaint) wrong.push(`${complaint}: ${asked.said} → ${asked.status} ${asked.text.slice(0, 300)}`);
      met.set(asked.operation, (met.get(asked.operation) ?? new Set()).add(asked.status < 300));
    }
  }
  // Files are rarely taken: these are asked until one is, so that what is answered well is looked at, too.
  for (const operation of operations.filter(({ method, path }) => FILES.includes(`${method} ${path}`)))
    for (let n = 0; n < MOST_FILES && !met.get(operation)?.has(true); n++) {
      const asked = await ask(operation, fuzz);
      const complaint = complaintOf(asked);
      if (complaint) wrong.push(`${complaint}: ${asked.said} → ${asked.status} ${asked.text.slice(0, 300)}`);
      met.set(operation, (met.get(operation) ?? new Set()).add(asked.status < 300));
    }
  expect(wrong.slice(0, 20)).toEqual([]);
  expect(met.size).toBe(Math.min(operations.length, REQUESTS));
  const neverGood = operations
    .filter((operation) => !met.get(operation)?.has(true))
    .map(({ method, path }) => `${method} ${path}`);
  if (isWhole)
    process.stdout.write(
      `${REQUESTS} requests over ${operations.length} operations; never answered well: ${neverGood.join(', ') || 'none'}\n`,
    );
  for (const path of FILES) expect(neverGood).not.toContain(path);
}, 3_600_000);
