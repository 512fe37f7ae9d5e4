import { describe, expect, test } from '@jest/globals';
import { readingInput, type BreakerEvent } from '@phylaxon/core/record/entities';
import type { TimelineEntry } from '@phylaxon/core/views/timeline';
import { aBreaker, aReading, anEvent, anObservation, uuid } from '@phylaxon/core/testing';
import { DEFAULT_SETTINGS } from '@phylaxon/core/record/settings';
import { unitsOf } from '../ui/index.ts';
import { corrected, timelineLine } from './entryWords.ts';

const units = unitsOf(DEFAULT_SETTINGS);
const entry = { id: uuid(1), at: '2026-10-01T12:00:00.000Z', breakerId: uuid(1) };
const of = (event: BreakerEvent, verdict: string | null = null): TimelineEntry => ({
  ...entry,
  kind: event.kind === 'trip' ? 'trips' : 'resets',
  event,
  verdict,
});
const said = (one: TimelineEntry) => {
  const { what, figure, details } = timelineLine(one, units);
  return [what, figure, details.join(', ')];
};

describe('a line of the timeline', () => {
  test('a reading with its figure and circumstances', () => {
    const reading = aReading('temperature', 'face', 31, 10, { instrument: 'spot-thermometer' });
    expect(said({ ...entry, kind: 'readings', reading })).toEqual([
      'Face temperature',
      '31 °C',
      'ambient 22 °C, infrared thermometer, normal',
    ]);
  });

  test('how far off its instrument may be, in the reader’s degrees; power at the plug-in meter by its name', () => {
    const reading = aReading('temperature', 'face', 31, 10, { error: 2 });
    expect(said({ ...entry, kind: 'readings', reading })[2]).toContain('± 2 °C');
    const inF = unitsOf({ ...DEFAULT_SETTINGS, temperature: 'F' });
    expect(timelineLine({ ...entry, kind: 'readings', reading }, inF).details).toContain('± 3.6 °F');
    const power = aReading('power', 'plug', 850);
    expect(said({ ...entry, kind: 'readings', reading: power }).slice(0, 2)).toEqual([
      'Power at the plug-in meter',
      '850 W',
    ]);
  });

  test('a trip with what it tells of the breaker', () => {
    const trip = anEvent('trip', 5, { afterSeconds: 480, amps: 16, unplugged: true, cause: 'known-removed' });
    expect(said(of(trip, 'too-early'))).toEqual([
      'Tripped after 8 min',
      '16 A',
      'too early for a sound breaker, everything unplugged, cause known and removed',
    ]);
  });

  test('resets: one that holds, one that tripped again; a handle that was seen', () => {
    expect(
      said(of(anEvent('reset', 7, { feel: 'clean-clicks', result: 'holds', power: 'still-dead' }))),
    ).toEqual(['Reset: holds', null, 'It clicks cleanly, fully off and back on, Still dead after the reset']);
    expect(said(of(anEvent('reset', 2, { result: 'tripped', pace: 'at-once' })))[0]).toBe(
      'Reset: tripped again immediately',
    );
    expect(said(of(anEvent('handle', 1, { position: 'off' })))[0]).toBe('Handle position: off');
  });

  test('what was looked at, and a part that took another’s place', () => {
    expect(said({ ...entry, kind: 'looks', observation: anObservation('sound', 'quiet', 1) })[0]).toBe(
      'It is quiet',
    );
    const part = {
      breaker: aBreaker({ installedOn: '2026-03-14', why: 'worn' }),
      what: 'fitted' as const,
      inPlaceOf: aBreaker({ ratingAmps: 15, family: 'Kestle' }),
    };
    expect(said({ ...entry, kind: 'parts', part })).toEqual([
      'Installed: 20 A Orrin S',
      null,
      'installed 14 Mar 2026, replaces 15 A Kestle, worn',
    ]);
    expect(said({ ...entry, kind: 'parts', part: { ...part, what: 'taken-out' } })[0]).toBe(
      'Removed: 20 A Orrin S',
    );
  });

  test('a time that was ahead of the server’s clock is marked', () => {
    const note = { ...entry, loggedAt: entry.at, who: null, note: 'Damp wall', struck: null };
    const told = (at: string) => said({ ...entry, kind: 'notes', note: { ...note, at } })[2];
    expect(told(entry.at)).toBe('');
    const later = new Date(Date.parse(entry.at) + 3 * 86_400_000).toISOString();
    expect(told(later)).toBe('The entry’s time was 3 days ahead of the server’s clock.');
  });

  test('only what was logged can be struck', () => {
    const note = { ...entry, loggedAt: entry.at, who: null, note: 'Damp wall', struck: null };
    expect(timelineLine({ ...entry, kind: 'notes', note }, units).strikable).toBe('notes');
    const part = { breaker: aBreaker(), what: 'fitted' as const, inPlaceOf: null };
    expect(timelineLine({ ...entry, kind: 'parts', part }, units).strikable).toBeNull();
  });
});

test('a corrected reading is one the server takes, with only its figure changed', () => {
  const wrong = aReading('temperature', 'terminal', 410, 0, {
    instrument: 'thermal-camera',
    note: 'left lug',
  });
  expect(readingInput.parse(corrected(wrong, 41))).toEqual({
    quantity: 'temperature',
    point: 'terminal',
    value: 41,
    ambientC: 22,
    at: wrong.at,
    instrument: 'thermal-camera',
    loadState: 'normal',
    note: 'left lug',
    caseId: null,
    simulated: false,
    error: null,
  });
  expect(readingInput.safeParse(corrected(aReading('voltage', 'outlet', 11), 119)).success).toBe(true);
});
