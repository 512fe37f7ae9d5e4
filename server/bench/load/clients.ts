import { Agent, request } from 'node:http';
import { setTimeout as wait } from 'node:timers/promises';
import { gzipSync } from 'node:zlib';
import type { Random } from '@phylaxon/core/facts/random';
import { mixedWrite, type MixedPlaces, type MixedWrite } from '../../src/testing/process/index.ts';

/** How often each status was answered; 0: the connection failed. */
export type Statuses = Map<number, number>;

interface Asked {
  method: 'GET' | 'POST';
  path: string;
  type?: string;
  body?: string | Buffer;
}

/** Send one request over the connection of an agent, read the answer, and say its status. */
function ask(base: string, agent: Agent, { method, path, type, body }: Asked): Promise<number> {
  return new Promise((done) => {
    const headers = body === undefined ? {} : { 'Content-Type': type ?? 'application/json' };
    const sent = request(base + path, { method, agent, headers }, (answer) => {
      answer.resume();
      answer.on('end', () => done(answer.statusCode ?? 0));
      answer.on('error', () => done(0));
    });
    sent.on('error', () => done(0));
    sent.end(body);
  });
}

/** Where a load goes: the server, and what is drawn there. */
export interface Target {
  base: string;
  places: readonly MixedPlaces[];
  siteId: string;
}

/** The kinds of connections that only ask, each with what it asks the n-th time. */
export const ASKING: Record<string, (target: Target, n: number) => Asked> = {
  board: ({ places }, n) => ({ method: 'GET', path: `/panels/${places[n % places.length]!.panelId}` }),
  breaker: ({ places }, n) => {
    const { breakerIds } = places[n % places.length]!;
    const path = `/breakers/${breakerIds[n % breakerIds.length]!}${n % 2 === 0 ? '' : '/timeline'}`;
    return { method: 'GET', path };
  },
  search: ({ siteId }, n) => ({ method: 'GET', path: `/sites/${siteId}/search?words=machine+${n % 40}` }),
  calculation: (_target, n) => ({
    method: 'POST',
    path: '/compute/reading-line',
    body: JSON.stringify({
      text: `12: 118.4v, ${n % 20} a`,
      now: '2026-11-27T10:00:00.000Z',
      places: [{ id: 'a', place: '12', label: 'Kitchen' }],
    }),
  }),
};

/** Some seconds of calculation in 4 kB: a week of loads that switch again and again. */
const PROFILE = JSON.stringify({
  ratingAmps: 20,
  hours: 168,
  loads: Array.from({ length: 40 }, (_, i) => ({
    ...{ id: `l${i}`, amps: 0.3, onSeconds: 40 + i / 7, offSeconds: 70 + i / 3 },
    ...{ surgeTimes: null, surgeSeconds: null },
  })),
});

/** 30 kB that unpack to 30 MB of rows, none of which is a reading. */
const PACKED = gzipSync(
  Buffer.concat([
    Buffer.from('{"format":"phylaxon-site","version":4,"readings":['),
    Buffer.alloc(30_000_000, '{},'),
    Buffer.from('{}]}'),
  ]),
);

/** What one client sends again and again, each after the answer to the last. */
export const HEAVY: Record<string, Asked> = {
  profile: { method: 'POST', path: '/compute/profile', body: PROFILE },
  'packed file': {
    method: 'POST',
    path: '/imports/preview',
    type: 'application/octet-stream',
    body: PACKED,
  },
};

export const CHECK: Asked = { method: 'POST', path: '/record/check', body: '{}' };

/** A clock that says when the load ends. */
export type IsOver = () => boolean;

const count = (statuses: Statuses, status: number) => statuses.set(status, (statuses.get(status) ?? 0) + 1);

/** A connection kept open, over which something is asked, and asked again after a pause. */
export async function askOften(
  { base }: Target,
  statuses: Statuses,
  isOver: IsOver,
  pause: () => number,
  next: (n: number) => Asked,
): Promise<void> {
  const agent = new Agent({ keepAlive: true, maxSockets: 1 });
  await wait(pause());
  for (let n = 0; !isOver(); n++) {
    count(statuses, await ask(base, agent, next(n)));
    await wait(pause());
  }
  agent.destroy();
}

/** A connection that writes readings, handles, notes, pictures, recordings and steps of a visit; what was acknowledged. */
export async function writeOften(
  { base, places }: Target,
  statuses: Statuses,
  isOver: IsOver,
  pause: () => number,
  random: Random,
): Promise<Pick<MixedWrite, 'table' | 'ids'>[]> {
  const kept: Pick<MixedWrite, 'table' | 'ids'>[] = [];
  await wait(pause());
  while (!isOver()) {
    const place = places[Math.floor(random() * places.length)]!;
    const { table, ids, go } = mixedWrite(base, place, Math.floor(random() * 100_000));
    const status = await go().then(
      (answer) => answer.status,
      () => 0,
    );
    count(statuses, status);
    if (status === 201) kept.push({ table, ids });
    await wait(pause());
  }
  return kept;
}

/** A stream of changes that is opened and never read. */
export function openUnread({ base, places }: Target, statuses: Statuses): () => void {
  const sent = request(`${base}/panels/${places[0]!.panelId}/changes`, { agent: new Agent() }, (answer) => {
    count(statuses, answer.statusCode ?? 0);
    if (answer.statusCode === 200) answer.pause();
    else answer.resume();
  });
  sent.on('error', () => count(statuses, 0));
  sent.end();
  return () => sent.destroy();
}
