import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { clockAheadMs, clockNotice, latestTaken, sayClockAhead } from './index.ts';

const DAY = 86_400_000;
const NOW = Date.parse('2026-12-01T10:00:00Z');
const at = (ms: number) => new Date(ms).toISOString();

describe('the latest time an entry may have', () => {
  test.each([
    ['a device that says nothing, a slow server', null, 3, true],
    ['a device that says nothing, a slip of a year', null, 365, false],
    ['a device three days ahead', 3, 3, true],
    ['a device that is right, a slip of a week', 0, 7, false],
    ['a device behind', -5, 0.5, true],
    ['a device a year ahead', 365, 365, false],
  ])('%s', (_what, deviceDays, entryDays, isTaken) => {
    const device = deviceDays === null ? null : NOW + deviceDays * DAY;
    expect(NOW + entryDays * DAY <= latestTaken(NOW, device)).toBe(isTaken);
  });

  test('law: what is now by the clock here is always taken', () => {
    fc.assert(
      fc.property(fc.option(fc.integer({ min: 0, max: 4e12 })), (device) => {
        expect(latestTaken(NOW, device)).toBeGreaterThanOrEqual(NOW + DAY);
      }),
    );
  });
});

test('an entry whose time was ahead of the clock here says so, and by how much', () => {
  const ahead = { at: at(NOW + 3 * DAY), loggedAt: at(NOW) };
  expect(clockAheadMs(ahead)).toBe(3 * DAY);
  expect(sayClockAhead(ahead)).toBe('The entry’s time was 3 days ahead of the server’s clock.');
  expect(sayClockAhead({ at: at(NOW + 26 * 3_600_000), loggedAt: at(NOW) })).toMatch(/1 day 2 hours ahead/);
  expect(sayClockAhead({ at: at(NOW), loggedAt: at(NOW) })).toBeNull();
  expect(sayClockAhead({ at: at(NOW + 3_600_000), loggedAt: at(NOW) })).toBeNull();
});

describe('whose clock is off', () => {
  test.each([
    ['they agree', NOW + 60_000, NOW, NOW, null],
    [
      'a slow server whose record knows better',
      NOW,
      NOW - 3 * DAY,
      NOW - 3_600_000,
      /^The server’s clock is 3 days slow: it already has newer/,
    ],
    [
      'a fast device, or a slow server',
      NOW + DAY,
      NOW,
      NOW - DAY,
      /^This device’s clock is 1 day ahead .* Check both/,
    ],
    [
      'a slow device',
      NOW - 2 * 3_600_000,
      NOW,
      NOW - 60_000,
      /^This device’s clock is 2 hours slow: there are newer/,
    ],
    [
      'a slow device and an old record',
      NOW - 90 * 60_000,
      NOW,
      null,
      /^This device’s clock is 1 hour 30 minutes behind the server’s\. Check both/,
    ],
  ])('%s', (_what, device, server, newest, said) => {
    const told = clockNotice({ device, server, newest });
    if (said === null) expect(told).toBeNull();
    else expect(told).toMatch(said);
  });
});
