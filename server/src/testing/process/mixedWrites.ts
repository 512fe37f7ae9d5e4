import { randomUUID } from 'node:crypto';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { packRecording } from '@phylaxon/core/record/recordings';
import { visitAnswer } from '@phylaxon/core/simulate/panel';
import type { VisitRecord } from '@phylaxon/core/views/visit';
import { nextOf, walk } from '@phylaxon/core/visit/work';
import type { EntityManager } from 'typeorm';
import { photosBeside } from '../../store/index.ts';
import { aJpeg } from './aJpeg.ts';
import { send } from './serverProcess.ts';

/** Where what is written is kept. */
export const WRITTEN = ['reading', 'event', 'note', 'observation', 'photo', 'panel_entry'] as const;

/** Something that is written, under ids of its sender’s. */
export interface MixedWrite {
  table: (typeof WRITTEN)[number];
  ids: string[];
  go: () => Promise<{ status: number }>;
}

/** What is written to. */
export interface MixedPlaces {
  panelId: string;
  breakerIds: readonly string[];
  /** A visit that is walked on; null: none. */
  visitId: string | null;
}

const at = '2026-11-20T10:00:00Z';

async function sendBytes(base: string, path: string, type: string, body: Buffer) {
  const answer = await fetch(base + path, {
    method: 'POST',
    headers: { 'Content-Type': type },
    body: new Uint8Array(body),
  });
  return { status: answer.status, body: (await answer.json()) as { sha256: string } };
}

/** A recording that no other write sends. */
const aRecording = (n: number) =>
  gzipSync(
    packRecording({
      times: Float64Array.from({ length: 60 }, (_, i) => Date.parse(at) + i * 1000),
      channels: [
        { quantity: 'current', values: Float32Array.from({ length: 60 }, (_, i) => 5 + ((i + n) % 9)) },
      ],
    }),
  );

/**
 * The n-th of many writes of all kinds: readings in pairs, of which every fifth fails half way through, handles, looks, notes,
 * pictures, recordings with what lies beside them, signs, and the next step of a visit.
 *
 * @param base of the server’s API
 */
export function mixedWrite(
  base: string,
  { panelId, breakerIds, visitId }: MixedPlaces,
  n: number,
): MixedWrite {
  const breakerId = breakerIds[n % breakerIds.length]!;
  const breaker = `/breakers/${breakerId}`;
  const [id, second] = [randomUUID() as string, randomUUID() as string];
  const post = (path: string, body: object) => send(base, 'POST', path, body);
  const entry = (kind: string, content: object, more: object = {}) =>
    post(`/panels/${panelId}/entries`, {
      id,
      kind,
      at: new Date().toISOString(),
      content,
      simulated: true,
      ...more,
    });
  const volts = (of: string, more: object = {}) => ({
    id: of,
    quantity: 'voltage',
    point: 'outlet',
    value: 119,
    at,
    ...more,
  });
  if (visitId !== null && n % 17 === 0)
    return {
      table: 'panel_entry',
      ids: [id],
      go: async () => {
        const { body } = await send<VisitRecord>(base, 'GET', `/visits/${visitId}`);
        const facts = body.steps.map(({ fact }) => fact);
        const { state } = walk(body.plan, facts);
        const fact = visitAnswer(
          { seed: 'mixed', fault: 'none', told: facts },
          state,
          nextOf(body.plan, state),
        );
        if (!fact) return entry('sign', { sign: 'steady-hum' });
        return entry('visit-step', { visitId, n: facts.length, fact });
      },
    };
  if (n % 13 === 0)
    return {
      table: 'panel_entry',
      ids: [id],
      go: async () => {
        const kept = await sendBytes(
          base,
          '/attachments?kind=recording',
          'application/octet-stream',
          aRecording(n),
        );
        if (kept.status !== 201) return kept;
        const channel = { name: 'I1', quantity: 'current', at: { kind: 'breaker', breakerId } };
        return entry('recording', { channels: [channel] }, { sha256: kept.body.sha256 });
      },
    };
  if (n % 11 === 0)
    return {
      table: 'photo',
      ids: [id],
      go: () =>
        sendBytes(
          base,
          `${breaker}/photos?${new URLSearchParams({ id, at, note: 'Lug' })}`,
          'image/jpeg',
          aJpeg({ shade: n % 250 }),
        ),
    };
  if (n % 5 === 0)
    return {
      table: 'reading',
      ids: [id, second],
      // The second lies in the future: it is found out only after the first was looked at.
      go: () =>
        post(`${breaker}/readings`, { readings: [volts(id), volts(second, { at: '2190-01-01T00:00:00Z' })] }),
    };
  if (n % 7 === 0)
    return {
      table: 'event',
      ids: [id],
      go: () => post(`${breaker}/events`, { id, kind: 'handle', position: n % 2 ? 'on' : 'off', at }),
    };
  if (n % 8 === 0)
    return {
      table: 'observation',
      ids: [id],
      go: () => post(`${breaker}/observations`, { id, test: 'sound', outcome: 'quiet', at }),
    };
  if (n % 9 === 0)
    return { table: 'panel_entry', ids: [id], go: () => entry('sign', { sign: 'steady-hum' }) };
  if (n % 3 === 0)
    return { table: 'note', ids: [id], go: () => post(`${breaker}/notes`, { id, note: `Note ${n}`, at }) };
  return {
    table: 'reading',
    ids: [id, second],
    go: () => post(`${breaker}/readings`, { readings: [volts(id), volts(second)] }),
  };
}

/** Rows of a record that point to a picture or a recording which is not kept: there must be none. */
export async function danglingRows(manager: EntityManager, file: string): Promise<string[]> {
  const pictures = (await manager.query('SELECT DISTINCT sha256 FROM photo')) as { sha256: string }[];
  const beside = (await manager.query(
    `SELECT sha256 FROM panel_entry WHERE sha256 IS NOT NULL AND sha256 NOT IN (SELECT sha256 FROM attachment)`,
  )) as { sha256: string }[];
  const isMissing = ({ sha256 }: { sha256: string }) =>
    !existsSync(join(photosBeside(file), `${sha256}.jpg`));
  return [...pictures.filter(isMissing), ...beside].map(({ sha256 }) => sha256);
}

/** A panel with four breakers, on which a visit is planned. */
export async function mixedPlaces(base: string): Promise<MixedPlaces> {
  const made = async (path: string, body: object) => (await send(base, 'POST', path, body)).body.id;
  const siteId = await made('/sites', { name: 'Shed' });
  const draw = async (name: string) => made(`/sites/${siteId}/panels`, { name, spaces: 8, mainAmps: 60 });
  const panelId = await draw('Shed panel');
  const breakerIds: string[] = [];
  for (const space of [1, 2, 3, 4])
    breakerIds.push(await made(`/panels/${panelId}/breakers`, { space, poles: 1, ratingAmps: 20 }));
  const visitId = randomUUID();
  const task = {
    ...{ id: breakerIds[3], work: 'remake-joint', breakerId: breakerIds[3], partId: null, label: 'Shed' },
    ...{ space: 4, poles: 1, ratingAmps: 20, kind: 'standard' },
  };
  const plan = { visitId, tasks: [task], off: 'its main breaker', minutes: 30 };
  const { status } = await send(base, 'POST', `/panels/${panelId}/entries`, {
    ...{ kind: 'visit', at: new Date().toISOString(), content: plan, simulated: true },
  });
  return { panelId, breakerIds, visitId: status === 201 ? visitId : null };
}
