import { describe, expect, test } from '@jest/globals';
import {
  EventTable,
  ObservationTable,
  ReadingTable,
  SiteTable,
  Store,
  VerdictTable,
} from '../store/index.ts';
import { seedDemo } from './index.ts';

describe('the demo site', () => {
  test('is filled once; a database that holds a site is left alone', async () => {
    const store = await Store.open(':memory:');
    await seedDemo(store);
    const count = () =>
      store.read(async (m) =>
        Promise.all([SiteTable, ReadingTable, EventTable, ObservationTable].map((table) => m.count(table))),
      );
    const [sites, readings, events, observations] = await count();
    expect(sites).toBe(2);
    expect(Math.min(readings!, events!, observations!)).toBeGreaterThan(5);
    await seedDemo(store);
    expect(await count()).toEqual([sites, readings, events, observations]);
    await store.close();
  });

  test('its decisions have a history: what was decided changes as the record grows', async () => {
    const store = await Store.open(':memory:');
    await seedDemo(store);
    const rows = await store.read((m) => m.find(VerdictTable, { order: { at: 'ASC' } }));
    const perBreaker = groupBy(rows);
    const changed = [...perBreaker.values()].filter(
      (list) => new Set(list.map((row) => row.family)).size > 1,
    );
    expect(changed.length).toBeGreaterThan(5);
    for (const row of rows) expect(JSON.parse(row.decision).reasons.length).toBeGreaterThan(0);
    await store.close();
  });
});

function groupBy<R extends { breakerId: string }>(rows: R[]): Map<string, R[]> {
  const groups = new Map<string, R[]>();
  for (const row of rows) groups.set(row.breakerId, [...(groups.get(row.breakerId) ?? []), row]);
  return groups;
}
