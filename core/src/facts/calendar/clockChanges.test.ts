import { expect, test } from '@jest/globals';
import { clockChanges } from './clockChanges.ts';

const iso = (zone: string, from: string, count: number) =>
  clockChanges(zone, Date.parse(from), count).map((at) => new Date(at).toISOString());

test('clocks are changed when the zone says so, to the minute', () => {
  expect(iso('America/New_York', '2026-11-28T12:00:00Z', 3)).toEqual([
    '2027-03-14T07:00:00.000Z',
    '2027-11-07T06:00:00.000Z',
    '2028-03-12T07:00:00.000Z',
  ]);
  expect(iso('Europe/Lisbon', '2026-11-28T12:00:00Z', 2)).toEqual([
    '2027-03-28T01:00:00.000Z',
    '2027-10-31T01:00:00.000Z',
  ]);
});

test('a zone without any has none', () => {
  for (const zone of ['UTC', 'America/Phoenix', 'Asia/Tokyo'])
    expect(clockChanges(zone, Date.parse('2026-11-28T12:00:00Z'), 2)).toEqual([]);
});
