import { setTimeout as pause } from 'node:timers/promises';
import { seeded } from '@phylaxon/core/facts/random';
import { liveCircuit, liveFigures, type LiveCircuit } from '@phylaxon/core/simulate/panel';
import type { Board, BreakerDetail, SiteSummary } from '@phylaxon/core/views/board';
import type { Switched } from '@phylaxon/core/record/feeds';

/** A stand-in for real devices: it sends what meters would show at a demo site’s breaker, and says that it is simulated. */
const { PORT = '4620', PHYLAXON_URL = `http://127.0.0.1:${PORT}` } = process.env;
const FEED = 'simulated-meters';
const EVERY_MS = 200;
const AGAIN_MS = 2000;
const say = (line: string) => process.stdout.write(`${line}\n`);

async function ask<T>(path: string, init?: RequestInit): Promise<T> {
  const answer = await fetch(`${PHYLAXON_URL}/api/v1${path}`, init);
  if (!answer.ok) throw new Error(`${path}: ${answer.status} ${await answer.text()}`);
  return (await answer.json()) as T;
}

/** The first breaker of a demo site that has loads to switch on. */
async function firstBreaker(): Promise<string | null> {
  const { sites } = await ask<{ sites: SiteSummary[] }>('/sites');
  for (const { site, panels } of sites) {
    if (!site.demo) continue;
    for (const { panel } of panels) {
      const board = await ask<Board>(`/panels/${panel.id}`);
      for (const { breaker } of board.breakers) {
        if (breaker.role !== 'branch') continue;
        const detail = await ask<BreakerDetail>(`/breakers/${breaker.id}`);
        if (detail.circuit && detail.circuit.loads.length > 0) return breaker.id;
      }
    }
  }
  return null;
}

async function circuitAt(breakerId: string): Promise<LiveCircuit | null> {
  const { breaker, circuit } = await ask<BreakerDetail>(`/breakers/${breakerId}`);
  return circuit && liveCircuit(seeded(parseInt(breakerId.slice(0, 8), 16)), breaker, circuit);
}

const random = seeded(Date.now());
let switched: Switched | null = null;
let circuit: LiveCircuit | null = null;

/** What somebody switched on in the browser; before anybody has, the first breaker with nothing on. */
async function look(): Promise<void> {
  const { switched: told } = await ask<{ switched: Switched | null }>(`/feeds/${FEED}/switched`).catch(
    () => ({
      switched: null,
    }),
  );
  const breakerId = told?.breakerId ?? switched?.breakerId ?? (await firstBreaker());
  if (breakerId === null) return;
  if (breakerId !== switched?.breakerId) circuit = await circuitAt(breakerId);
  switched = { breakerId, on: told?.on ?? [] };
}

async function send(seconds: number): Promise<void> {
  if (!circuit || !switched) return;
  const shown = liveFigures(circuit, switched.on, seconds, random);
  circuit = shown.circuit;
  const time = new Date().toISOString();
  const body = shown.figures.map((one) => JSON.stringify({ ...one, time, simulated: true })).join('\n');
  await ask(`/feeds/${FEED}/samples`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/x-ndjson' },
    body,
  });
}

say(`Simulated meters send to ${PHYLAXON_URL}. Stop with Ctrl-C.`);
let before = performance.now();
let trouble = '';
for (let n = 0; ; n++) {
  try {
    if (n % 2 === 0) await look();
    const now = performance.now();
    await send((now - before) / 1000);
    before = now;
    if (trouble !== '') say('Phylaxon is answering again.');
    trouble = '';
    await pause(EVERY_MS);
  } catch (error) {
    const why = error instanceof Error ? error.message : String(error);
    if (why !== trouble) say(`Phylaxon is not answering (${why}). Trying again.`);
    trouble = why;
    await pause(AGAIN_MS);
  }
}
