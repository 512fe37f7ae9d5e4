import { describe, expect, test } from '@jest/globals';
import type { Sheet } from '@phylaxon/core/board';
import { readingInput } from '@phylaxon/core/record';
import { aReading, anEvent, anObservation } from '@phylaxon/core/testing';
import { corrected, storyOf } from './entries.ts';

const sheet = (parts: Partial<Sheet>) =>
  ({ readings: [], events: [], observations: [], trips: [], ...parts }) as unknown as Sheet;

describe('the story', () => {
  test('everything logged, newest first, each with its figure and circumstances', () => {
    const trip = anEvent('trip', 5, { afterSeconds: 480, amps: 16, unplugged: true, cause: 'known-removed' });
    const story = storyOf(
      sheet({
        readings: [aReading('temperature', 'face', 31, 10, { instrument: 'spot-thermometer' })],
        events: [trip, anEvent('reset', 7, { feel: 'clean-clicks', result: 'holds', power: 'still-dead' })],
        observations: [anObservation('sound', 'quiet', 1)],
        trips: [{ eventId: trip.id, verdict: 'too-early', window: null }],
      }),
    );
    expect(story.map(({ what, figure, details }) => [what, figure, details.join(', ')])).toEqual([
      ['Temperature of its face', '31 °C', 'air 22 °C, spot thermometer, normal'],
      ['Reset: holds', null, 'It clicks cleanly, fully off and back on, Still dead after the reset'],
      [
        'Tripped after 8 min',
        '16 A',
        'too early for a sound unit, everything unplugged, cause known and removed',
      ],
      ['It is quiet', null, ''],
    ]);
  });

  test('a reset that tripped again, and a handle that was seen', () => {
    const events = [
      anEvent('reset', 2, { result: 'tripped', pace: 'at-once' }),
      anEvent('handle', 1, { position: 'off' }),
    ];
    expect(storyOf(sheet({ events })).map((entry) => entry.what)).toEqual([
      'Reset: tripped again at once',
      'Handle seen off',
    ]);
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
    });
    expect(readingInput.safeParse(corrected(aReading('voltage', 'outlet', 11), 119)).success).toBe(true);
  });
});
