import { expect } from '@jest/globals';
import request from 'supertest';
import type { testApp } from './testApp.ts';

type App = Awaited<ReturnType<typeof testApp>>['app'];
type Method = 'get' | 'post' | 'patch' | 'put' | 'delete';

/** Requests to the record’s routes: `call` whatever comes of it, `made` where something must be made. */
export function callsTo(app: App) {
  const call = async <T = unknown>(method: Method, path: string, body?: object) => {
    const answer = await request(app)[method](`/api/v1${path}`).send(body);
    return { status: answer.status, body: answer.body as T };
  };
  const made = async <T>(path: string, body: object): Promise<T> => {
    const { status, body: answer } = await call<T>('post', path, body);
    expect([path, answer, status]).toEqual([path, answer, 201]);
    return answer;
  };
  return { call, made };
}

/** A site with a panel of one breaker, for a bench. */
export async function aShed({ call, made }: ReturnType<typeof callsTo>) {
  const { id: siteId } = await made<{ id: string }>('/sites', { name: 'Shed' });
  const { id: panelId } = await made<{ id: string }>(`/sites/${siteId}/panels`, {
    name: 'Shed panel',
    spaces: 8,
    mainAmps: 60,
  });
  const { id: breakerId } = await made<{ id: string }>(`/panels/${panelId}/breakers`, {
    space: 1,
    poles: 1,
    ratingAmps: 20,
  });
  await call('put', `/breakers/${breakerId}/circuit`, { label: 'Bench' });
  return { siteId, panelId, breakerId };
}
