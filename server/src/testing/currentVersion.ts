import type { Express } from 'express';
import request from 'supertest';

/** The version of what a path leads to as it stands now: a breaker’s, its circuit’s, or a panel’s. */
export async function currentVersion(app: Express, path: string): Promise<number | undefined> {
  const [, kind, id, part] = path.split('/');
  const { body } = await request(app).get(`/api/v1/${kind}/${id}`);
  if (kind === 'panels') return body.panel.version;
  return part === 'circuit' ? body.circuit?.version : body.breaker.version;
}
