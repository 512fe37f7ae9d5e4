import { beforeAll, describe, expect, test } from '@jest/globals';
import type { SearchResult } from '@phylaxon/core/views/search';
import type { Express } from 'express';
import request from 'supertest';
import { testApp } from '../testing/index.ts';

let app: Express;
let siteId: string;

beforeAll(async () => {
  ({ app } = await testApp({ demo: true }));
  const { body } = await request(app).get('/api/v1/sites');
  siteId = body.sites.find((one: { site: { name: string } }) => one.site.name === 'Saltmarsh Sail Loft').site
    .id;
});

const search = async (query: Record<string, string>): Promise<SearchResult> =>
  (await request(app).get(`/api/v1/sites/${siteId}/search`).query(query).expect(200)).body;

describe('searching a site', () => {
  test('finds a breaker by a load on its circuit', async () => {
    const { breakers } = await search({ words: 'steam press' });
    expect(breakers.map(({ label }) => label)).toEqual(['Steam press and tea corner']);
  });

  test('finds the trips of a time, wherever they were', async () => {
    const winter = { kinds: 'trips', from: '2025-12-01T00:00:00Z', to: '2026-03-01T00:00:00Z' };
    const { entries, breakers } = await search(winter);
    expect(entries.map(({ where, entry }) => [where.panelName, where.label, entry.kind])).toEqual([
      ['Main panel', 'Steam press and tea corner', 'trips'],
      ['Yard panel', 'Slipway outlets', 'trips'],
    ]);
    expect(breakers).toEqual([]);
  });

  test('a word may be said by the breaker or by the entry', async () => {
    const both = await search({ words: 'slipway frost' });
    expect(both.entries).toHaveLength(1);
    expect((await search({ words: 'kitchen frost' })).entries).toEqual([]);
    expect((await search({ words: 'toaster', kinds: 'trips' })).entries.length).toBeGreaterThan(1);
  });

  test('what was looked at is found by its words, a part by its family', async () => {
    const { entries } = await search({ words: 'terminal loose' });
    expect(entries[0]!.where.label).toBe('Sump pump');
    expect((await search({ words: 'orrin c' })).breakers[0]!.label).toBe('Gate opener');
  });

  test('signs of a pattern are only signs, and nothing is asked for nothing', async () => {
    expect((await search({ words: '%' })).entries).toEqual([]);
    expect(await search({})).toEqual({ breakers: [], entries: [], more: false });
    await request(app).get(`/api/v1/sites/${siteId}/search?kinds=dreams`).expect(400);
  });
});
