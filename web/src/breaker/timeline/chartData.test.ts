import { describe, expect, test } from '@jest/globals';
import { DEFAULT_SETTINGS } from '@phylaxon/core/record/settings';
import type { Series } from '@phylaxon/core/views/timeline';
import fc from 'fast-check';
import { roundTicks, unitsOf } from '../../shared/ui/index.ts';
import { chartData, drawable } from './chartData.ts';

const at = (day: number) => new Date(Date.UTC(2026, 0, day)).toISOString();
const series: Series = {
  lines: [
    {
      point: 'conductor',
      unit: 'A',
      stretches: [
        { at: at(1), low: 9, high: 9, count: 1 },
        { at: at(2), low: 8, high: 14, count: 30 },
      ],
    },
    { point: 'terminal', unit: '°C', stretches: [{ at: at(1), low: 40, high: 40, count: 1 }] },
  ],
  struck: [{ point: 'conductor', unit: 'A', at: at(3), value: 900 }],
  marks: [
    { at: at(2), what: 'trip' },
    { at: at(3), what: 'reset' },
  ],
};
const units = unitsOf(DEFAULT_SETTINGS);

describe('what a chart draws', () => {
  test('offers what there is, with the rating and 80% of it', () => {
    expect(drawable(series)).toEqual(['A', '°C']);
    const { limits, points } = chartData(series, 'A', { ratingAmps: 20 }, units);
    expect(points).toEqual(['conductor']);
    expect(limits.map(({ label, value }) => [label, value])).toEqual([
      ['rating', 20],
      ['80%', 16],
    ]);
  });

  test('a thinned stretch is its middle and its span; what was struck is apart; trips come last', () => {
    const { moments, struck, marks, ticks } = chartData(series, 'A', { ratingAmps: 20 }, units);
    expect(moments.map((moment) => [moment.conductor, moment['conductor span']])).toEqual([
      [9, undefined],
      [11, [8, 14]],
    ]);
    expect(struck.map(({ value }) => value)).toEqual([900]);
    expect(marks.map(({ what }) => what)).toEqual(['reset', 'trip']);
    expect([ticks[0], ticks.at(-1)! >= 900]).toEqual([0, true]);
  });

  test('temperatures and their limits are drawn in °F where that was chosen', () => {
    const inFahrenheit = unitsOf({ ...DEFAULT_SETTINGS, temperature: 'F' });
    const { unit, moments, limits } = chartData(series, '°C', { ratingAmps: 20 }, inFahrenheit);
    expect([unit, moments[0]!.terminal, limits[0]!.value]).toEqual(['°F', 104, 194]);
  });

  test('law: round ticks span the range evenly, and are never many', () => {
    const range = fc.tuple(
      fc.double({ min: -500, max: 5000, noNaN: true }),
      fc.double({ min: 0.01, max: 5000, noNaN: true }),
    );
    fc.assert(
      fc.property(range, ([least, width]) => {
        const ticks = roundTicks(least, least + width);
        expect(ticks[0]).toBeLessThanOrEqual(least + 1e-6);
        expect(ticks.at(-1)).toBeGreaterThanOrEqual(least + width - 1e-6);
        expect(ticks.length).toBeGreaterThan(2);
        expect(ticks.length).toBeLessThan(10);
      }),
    );
  });
});
