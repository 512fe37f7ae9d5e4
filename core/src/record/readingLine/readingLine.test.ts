import fc from 'fast-check';
import { describe, expect, test } from '@jest/globals';
import { runs } from '../../testing/index.ts';
import { FINDING_PHRASES } from '../phrases/index.ts';
import { readingLine, sayEntries, type LineEntry, type ReadingLineInput } from './index.ts';

const PLACES = [
  ['main', ''],
  ['1', 'Apartment: kitchen counter'],
  ['4', 'Office'],
  ['5-7', 'Steam press and tea corner'],
  ['8-10', 'Water heater'],
  ['9', 'Apartment: bedrooms'],
  ['11', 'Loft lights'],
  ['12', 'Hot-knife bench'],
  ['14', 'Sewing machines'],
  ['16', 'Stairs and hall lights'],
  ['18', 'Yard outlets'],
  ['19 upper', 'Apartment: shower pump'],
  ['19 lower', 'Sump pump'],
  ['20', 'Bench tools'],
].map(([place, label]) => ({ id: place!, place: place!, label: label! }));

/** A Friday, ten in the morning. */
const NOW = '2026-11-27T10:00:00.000Z';

const asked = (text: string, change: Partial<ReadingLineInput> = {}) =>
  readingLine({ text, now: NOW, places: PLACES, ...change });

/** An entry in few words. */
function brief(entry: LineEntry): string {
  const figures = (...list: (number | string | undefined)[]) =>
    list.filter((one) => one !== undefined).join(' ');
  const said = () => {
    switch (entry.kind) {
      case 'reading': {
        const unit = { voltage: 'V', current: 'A', temperature: 'C', power: 'W', millivolts: 'mV' }[
          entry.quantity
        ];
        const air =
          'ambientC' in entry && entry.ambientC !== undefined
            ? `in ${Number(entry.ambientC?.toPrecision(6))}`
            : undefined;
        return figures(`${Number(entry.value.toPrecision(6))}${unit}`, entry.point, air, entry.loadState);
      }
      case 'trip':
        return figures(
          'trip',
          entry.amps && `${entry.amps}A`,
          entry.seconds && `${entry.seconds}s`,
          entry.pace,
        );
      case 'no-trip':
        return `no-trip ${entry.amps}A ${entry.seconds}s`;
      case 'reset':
        return figures('reset', entry.feel, entry.result, entry.seconds, entry.tripped && 'tripped');
      case 'handle':
        return `handle ${entry.position}`;
      case 'finding':
        return `${entry.test} ${entry.outcome}`;
    }
  };
  const at = entry.at === NOW ? '' : ` @${entry.at.slice(0, 16)}`;
  return `${entry.placeId}: ${said()}${at}`;
}
const read = (text: string, change: Partial<ReadingLineInput> = {}) => {
  const { entries, notUnderstood } = asked(text, change);
  return [entries.map(brief).join(' | '), notUnderstood.map((one) => one.text).join(' | ')];
};

/** What is typed, and what it means: figures. */
const FIGURES: [string, string][] = [
  [
    '12: 118.4v 14.2a 41c amb 22c load on',
    '12: 118.4V load-terminal everything-on | 12: 14.2A conductor everything-on | 12: 41C terminal in 22 everything-on',
  ],
  ['5-7 term 56 face 48', '5-7: 56C terminal | 5-7: 48C face'],
  ['main 121.2/119.8 v', 'main: 121.2V leg-a | main: 119.8V leg-b'],
  ['main 121.2 v / 119.8 v', 'main: 121.2V leg-a | main: 119.8V leg-b'],
  ['5-7 119/118 v', '5-7: 119V load-terminal | 5-7: 118V load-terminal-2'],
  ['5 14a', '5-7: 14A conductor'],
  ['five and seven 14 amps', '5-7: 14A conductor'],
  ['19u 4.1a', '19 upper: 4.1A conductor'],
  ['19 upper 4.1a 19l 3.2a', '19 upper: 4.1A conductor | 19 lower: 3.2A conductor'],
  ['kitchen counter 7.2 a at the plug', '1: 7.2A plug'],
  ['Kitchen counter at the plug 7.2 a', '1: 7.2A plug'],
  ['the kitchen counter reads 118.2 volts at the outlet', '1: 118.2V outlet'],
  ['breaker 12 118.4 volts 14.2 amps', '12: 118.4V load-terminal | 12: 14.2A conductor'],
  ['space 12 118.4 volts', '12: 118.4V load-terminal'],
  ['#12 118.4v', '12: 118.4V load-terminal'],
  ['breaker #12: 118.4v', '12: 118.4V load-terminal'],
  ['12:41c', '12: 41C terminal'],
  ['12 118,4 v', '12: 118.4V load-terminal'],
  ['12: 14,2a, 41c', '12: 14.2A conductor | 12: 41C terminal'],
  ['12 450 ma', '12: 0.45A conductor'],
  ['12 34 mv across', '12: 34mV across'],
  ['12 34mv', '12: 34mV across'],
  ['12 0.12 kv', '12: 120V load-terminal'],
  ['12 1.5 kw', '12: 1500W plug'],
  ['12 850 watts at the plug', '12: 850W plug'],
  ['12 105.8f', '12: 41C terminal'],
  ['12 105.8 °F', '12: 41C terminal'],
  ['12 105.8 degrees fahrenheit amb 71.6 f', '12: 41C terminal in 22'],
  ['12 41 degrees', '12: 41C terminal'],
  ['12 face 41°', '12: 41C face'],
  ['12 41 deg c, air 22', '12: 41C terminal in 22'],
  ['12 -5c', '12: -5C terminal'],
  ['12 41c face 22c amb', '12: 41C face in 22'],
  ['12 amb 22 term 56 face 48', '12: 56C terminal in 22 | 12: 48C face in 22'],
  ['12 screw 56c lug 57c', '12: 56C terminal | 12: 57C terminal'],
  ['5-7 across 238v', '5-7: 238V legs'],
  ['main 240.8v leg to leg', 'main: 240.8V legs'],
  ['main leg a 121.2v leg b 119.8v', 'main: 121.2V leg-a | main: 119.8V leg-b'],
  ['12 clamp 14.2a', '12: 14.2A conductor'],
  ['12 outlet 118.4v, 14.2a', '12: 118.4V outlet | 12: 14.2A conductor'],
  ['12 no load 121v, load on 118v', '12: 121V load-terminal no-load | 12: 118V load-terminal everything-on'],
  ['12 idle 121v', '12: 121V load-terminal no-load'],
  ['12 14a usual', '12: 14A conductor normal'],
  ['12 14.2a; 14 9.8a', '12: 14.2A conductor | 14: 9.8A conductor'],
  ['12 14.2a 14 9.8a', '12: 14.2A conductor | 14: 9.8A conductor'],
  ['12: 14.2a 14: 9.8a', '12: 14.2A conductor | 14: 9.8A conductor'],
  ['12 14.2a\n14 9.8a', '12: 14.2A conductor | 14: 9.8A conductor'],
  ['hot knife 14a', '12: 14A conductor'],
  ['water heater 41c', '8-10: 41C terminal'],
  ['yard outlets 7a', '18: 7A conductor'],
  ['yard outlet 118v', '18: 118V load-terminal'],
  ['sewing machine 7a', '14: 7A conductor'],
  ['sewin machnes 7a', '14: 7A conductor'],
  ['volts 118.4 amps 14.2', '12: 118.4V load-terminal | 12: 14.2A conductor'],
  ['12 voltage is 118.4', '12: 118.4V load-terminal'],
  ['12 temperature 41', '12: 41C terminal'],
  ['12 is at 14.2 amps', '12: 14.2A conductor'],
  ['twelve 14 amps', '12: 14A conductor'],
  ['12 reads about 14 a', '12: 14A conductor'],
  ['118v', '12: 118V load-terminal'],
  ['main a 121v b 120v', 'main: 121V leg-a | main: 120V leg-b'],
  ['7-5 14a', '5-7: 14A conductor'],
  ['14 millivolts 34', '14: 34mV across'],
  ['14.2 a on 14', '14: 14.2A conductor'],
  ['118.4 volts on breaker 14', '14: 118.4V load-terminal'],
  [
    '12 118.4 v no load 116.2 v everything on',
    '12: 118.4V load-terminal no-load | 12: 116.2V load-terminal everything-on',
  ],
  ['Breaker 14. 118.4 volts. 14.2 amps.', '14: 118.4V load-terminal | 14: 14.2A conductor'],
  ['sump pump 4.1 a, shower pump 3a', '19 lower: 4.1A conductor | 19 upper: 3A conductor'],
  ['12 .5 a', '12: 0.5A conductor'],
];

/** Events, findings and times; what of it is not understood. */
const EVENTS: [string, string, string?][] = [
  ['12 tripped 8 min at 17a', '12: trip 17A 480s'],
  ['12 tripped after 8 minutes at 17 amps', '12: trip 17A 480s'],
  ['twelve tripped after eight minutes', '12: trip 480s'],
  ['12 tripped at 17a after 8 min', '12: trip 17A 480s'],
  ['12 tripped after 8 min, at 17a', '12: trip 17A 480s'],
  ['12 17 a 8 min tripped', '12: trip 17A 480s'],
  ['12 tripped @ 17a', '12: trip 17A'],
  ['12 tripped', '12: trip'],
  ['12 popped at once', '12: trip at-once'],
  ['12 tripped right away', '12: trip at-once'],
  ['12 trips instantly', '12: trip at-once'],
  ['12 kicked out within seconds', '12: trip seconds'],
  ['12 tripped in 90 s', '12: trip 90s'],
  ['12 tripped after an hour and a half', '12: trip 5400s'],
  ['12 tripped after half an hour at 17a', '12: trip 17A 1800s'],
  ['12 tripped after 1 h 20', '12: trip 4800s'],
  ['12 tripped after 1:30 h', '12: trip 5400s'],
  ['12 tripped after 1 h and 20 minutes', '12: trip 4800s'],
  ['12 tripped in 2 min 30 s', '12: trip 150s'],
  ['12 tripped 1h20m at 17a', '12: trip 17A 4800s'],
  ['12 no trip 2 h at 14a', '12: no-trip 14A 7200s'],
  ['12 held 14a for two hours', '12: no-trip 14A 7200s'],
  ['12 carried 14 a 2 h without tripping', '12: no-trip 14A 7200s'],
  ['12 14 a for 2 h, 9 amps', '12: 14A conductor | 12: 9A conductor', '2 h'],
  ['12 14 a for 2 h no trip', '12: no-trip 14A 7200s'],
  ['12 holds 14 a for 2 h', '12: no-trip 14A 7200s'],
  ['12 reset clicks, holds', '12: reset clean-clicks holds'],
  ['12 clicks, holds', '12: reset clean-clicks holds'],
  ['12 reset, no click', '12: reset no-off-click'],
  ['12 gritty', '12: reset hard-or-gritty'],
  ['12 will not latch', '12: reset will-not-latch'],
  ["12 won't latch", '12: reset will-not-latch'],
  ['12 reset trips at once', '12: reset trips-at-once'],
  ['12 reset, clicks, trips after 8 min', '12: reset clean-clicks trips-in-minutes 480'],
  ['12 reset, trips', '12: reset tripped'],
  ['12 holds', '12: reset holds'],
  ['12 reset', '12: reset'],
  ['12 off', '12: handle off'],
  ['reset 12: clicks, holds', '12: reset clean-clicks holds'],
  ['12 reset - holds', '12: reset holds'],
  ['12 reset: clicks, will not latch', '12: reset clean-clicks', 'will not latch'],
  ['kitchen counter breaker off', '1: handle off'],
  ['11/26/2026 7:20pm 12 tripped', '12: trip @2026-11-26T19:20'],
  ['26 nov 19:20: 12 tripped', '12: trip @2026-11-26T19:20'],
  ['12 tripped last friday', '12: trip @2026-11-20T10:00'],
  ['number 12 tripped after eight minutes at seventeen amps', '12: trip 17A 480s'],
  ['12 is on', '12: handle on'],
  ['12 off 14 off', '12: handle off | 14: handle off'],
  ['12 off and 14 on', '12: handle off | 14: handle on'],
  ['main off', 'main: handle off'],
  ['12 handle tripped', '12: handle tripped'],
  ['16 sizzles', '16: sound sizzle-or-crackle'],
  ['4 two wires', '4: terminal-inspection two-wires-one-terminal'],
  ['12 smells of hot plastic', '12: smell hot-plastic'],
  ['loft lights flicker', '11: light-behaviour flicker-one-circuit'],
  ['12: warm, hums', '12: panel-touch warm | 12: sound steady-hum'],
  ['12 stab pitted', '12: stab-inspection pitted-or-burnt'],
  ['12 wire too small', '12: conductor-vs-breaker wire-too-small'],
  ['office off', '4: handle off'],
  ['steam press tripped after 8 min', '5-7: trip 480s'],
  ['12 tripped yesterday 19:20', '12: trip @2026-11-26T19:20'],
  ['yesterday at 7:20 pm 12 tripped', '12: trip @2026-11-26T19:20'],
  ['12 tripped 20 min ago', '12: trip @2026-11-27T09:40'],
  ['12 tripped after 8 min 20 minutes ago', '12: trip 480s @2026-11-27T09:40'],
  ['12 tripped at 8:15', '12: trip @2026-11-27T08:15'],
  ['12 tripped at 19:20', '12: trip @2026-11-26T19:20'],
  ['12 tripped half an hour ago', '12: trip @2026-11-27T09:30'],
  ['12 14a 2026-11-20 08:30', '12: 14A conductor @2026-11-20T08:30'],
  ['nov 20 12: 14a', '12: 14A conductor @2026-11-20T10:00'],
  ['12 14a on 11/20 at 8 am', '12: 14A conductor @2026-11-20T08:00'],
  ['12 tripped monday 7 p.m.', '12: trip @2026-11-23T19:00'],
  ['12 tripped 2 days ago', '12: trip @2026-11-25T10:00'],
  ['12 tripped on december 24', '12: trip @2025-12-24T10:00'],
  // As a phone writes what is dictated.
  ['breaker twelve one hundred eighteen volts', '12: 118V load-terminal'],
  ['12 forty one degrees', '12: 41C terminal'],
  ['space twelve one eighteen point four volts', '12: 118.4V load-terminal'],
  [
    'breaker twelve fourteen point two amps, one hundred and nineteen volts',
    '12: 14.2A conductor | 12: 119V load-terminal',
  ],
];

/** What cannot be told, beside what can. */
const FAULTY: [string, string, string][] = [
  ['12 118.4', '', '118.4'],
  ['12: 41', '', '41'],
  ['12: 118.4v, 14', '12: 118.4V load-terminal', '14'],
  ['12 118v 14 41c', '12: 118V load-terminal | 12: 41C terminal', '14'],
  ['12 tripped at 17', '12: trip', '17'],
  ['12 1184 v', '', '1184 v'],
  ['12 14a wobbly', '12: 14A conductor', 'wobbly'],
  ['12: 118.4v blah 14.2a', '12: 118.4V load-terminal | 12: 14.2A conductor', 'blah'],
  ['99 14a', '', '99 | 14a'],
  ['lights 7a', '', 'lights | 7a'],
  ['pump 4a', '', 'pump | 4a'],
  ['garden shed 7a', '', 'garden shed | 7a'],
  ['12: 14a, garden shed 7a', '12: 14A conductor', 'garden shed | 7a'],
  ['19 4a', '', '19 | 4a'],
  ['7 14a', '', '7 | 14a'],
  ['12 no trip', '', 'no trip'],
  ['12 held 2 h', '', 'held 2 h'],
  ['12 amb 22', '', 'amb 22'],
  ['12 118/119 v', '', '118/119 v'],
  ['12 1,184 v', '', '1,184 v'],
  ['12 tripped 2026-12-24', '12: trip', '2026-12-24'],
  ['12 8 min', '', '8 min'],
  ['12 at once', '', 'at once'],
  ['9 tripped, hot knife wobbly', '9: trip', 'hot knife wobbly'],
  ['12: 118v, hot water heater 41c', '12: 118V load-terminal', 'hot water heater | 41c'],
  ['hot water heater 41c', '', 'hot water heater | 41c'],
  ['breaker twelve one hundred eighteen and a bit volts', '', 'one hundred eighteen | bit volts'],
  ['12 and 14 off', '14: handle off', '12'],
  ['12/14 off', '14: handle off', '/'],
  ['12 tripped after 8 to 10 min', '12: trip', '8 | 10 min'],
  ['12', '', '12'],
  ['voltage at 12 is 118.4', '', 'voltage | 118.4'],
  ['12 14 va', '', '14 | va'],
];

describe('figures', () => {
  test.each(FIGURES)('“%s”', (text, expected) => expect(read(text, { here: '12' })).toEqual([expected, '']));

  test('degrees without a letter go by the given unit', () =>
    expect(read('12 term 105.8 amb 71.6°', { temperature: 'F' })).toEqual(['12: 41C terminal in 22', '']));
});

describe('events, findings, times', () => {
  test.each(EVENTS)('“%s”', (text, expected, not = '') => expect(read(text)).toEqual([expected, not]));

  test('a time of day is that of the person’s own clock', () => {
    expect(read('12 tripped 4:15', { zone: 'America/New_York' })[0]).toBe('12: trip @2026-11-27T09:15');
    expect(read('12 tripped 5:15', { zone: 'America/New_York' })[0]).toBe('12: trip @2026-11-26T10:15');
  });
});

describe('what is not understood', () => {
  test.each(FAULTY)('“%s”', (text, expected, not) => expect(read(text)).toEqual([expected, not]));
});

describe('laws', () => {
  const KNOWN = [...FIGURES, ...EVENTS, ...FAULTY].map(([text]) => text);
  const GLUE = [' ', ', ', '; ', '\n', ' and ', ': ', '/', '-', ''];
  /** Lines as people write them, put together, cut and mistyped. */
  const lines = fc
    .tuple(
      fc.array(fc.tuple(fc.constantFrom(...KNOWN), fc.constantFrom(...GLUE)), { minLength: 1, maxLength: 4 }),
      fc.array(
        fc.tuple(
          fc.nat(),
          fc.constantFrom('cut', 'put', 'swap'),
          fc.oneof(fc.constantFrom(...KNOWN.join('')), fc.string({ maxLength: 2 })),
        ),
        { maxLength: 4 },
      ),
    )
    .map(([parts, slips]) =>
      slips.reduce((text, [where, slip, letter]) => {
        const at = text.length === 0 ? 0 : where % text.length;
        if (slip === 'cut') return text.slice(0, at) + text.slice(at + 1 + (where % 3));
        return text.slice(0, at) + letter + text.slice(slip === 'put' ? at : at + 1);
      }, parts.flat().join('')),
    );
  const asking = fc.record({
    text: lines,
    here: fc.constantFrom(undefined, '12', 'main', '5-7'),
    zone: fc.constantFrom('UTC', 'America/New_York', 'Asia/Kolkata'),
    temperature: fc.constantFrom('C' as const, 'F' as const),
    now: fc.constantFrom(NOW, '2026-03-08T07:30:12.345Z', '2026-11-01T05:59:59.001Z'),
  });

  test('it never throws; nothing is in two entries or told twice; no entry is of the future or another text', () => {
    fc.assert(
      fc.property(asking, ({ text, here, ...rest }) => {
        const { entries, notUnderstood } = asked(text, { ...rest, ...(here !== undefined && { here }) });
        const spans = [...entries, ...notUnderstood].map(({ from, to }) => [from, to] as const);
        spans.sort((a, b) => a[0] - b[0]);
        spans.forEach(([from, to], n) => {
          expect(from).toBeLessThan(to);
          expect(from).toBeGreaterThanOrEqual(spans[n - 1]?.[1] ?? 0);
        });
        for (const { at } of entries) expect(at <= rest.now).toBe(true);
        for (const one of notUnderstood) {
          expect(text.slice(one.from, one.to)).toBe(one.text);
          expect(one.hint).not.toBe('');
        }
      }),
      { numRuns: runs(400, 20_000) },
    );
  });

  test('what is understood, said back in shorthand, is understood the same', () => {
    fc.assert(
      fc.property(asking, ({ text, here, ...rest }) => {
        const { entries } = asked(text, { ...rest, ...(here !== undefined && { here }) });
        const again = asked(sayEntries(entries, PLACES, rest.now, rest.zone), rest);
        expect(again.notUnderstood).toEqual([]);
        expect(again.entries.map(brief)).toEqual(entries.map(brief));
      }),
      { numRuns: runs(400, 20_000) },
    );
  });

  test('every figure of a line is in an entry, in what is not understood, or in a place or a time', () => {
    fc.assert(
      fc.property(fc.double({ min: 21, max: 9999, noNaN: true, noDefaultInfinity: true }), (value) => {
        const figure = value.toFixed(2);
        const { entries, notUnderstood } = asked(`12 14a ${figure} 41c`);
        expect(entries.map(({ kind }) => kind)).toEqual(['reading', 'reading']);
        expect(notUnderstood.map(({ text }) => text)).toEqual([figure]);
      }),
    );
  });

  test('every phrase of a finding means that finding', () => {
    for (const [name, outcomes] of Object.entries(FINDING_PHRASES))
      for (const [outcome, phrases] of Object.entries<readonly string[]>(outcomes))
        for (const phrase of phrases) expect(read(`12 ${phrase}`)).toEqual([`12: ${name} ${outcome}`, '']);
  });

  test('ids twice, a place that is none, an unknown zone and too long a text are refused', () => {
    expect(() => asked('', { places: [PLACES[0]!, PLACES[0]!] })).toThrow(/used twice/);
    expect(() => asked('', { here: 'x' })).toThrow(/not one of the places/);
    expect(() => asked('', { zone: 'Mars/Olympus' })).toThrow(/not known/);
    expect(() => asked('1'.repeat(20_001))).toThrow(/20,000/);
  });

  test('long hostile text among 1000 places is read, no piece of it told twice', () => {
    const places = Array.from({ length: 1000 }, (_one, i) => ({
      id: `${i}`,
      place: `${i + 1}`,
      label: `kitchen counter number ${i} of the flat above the loft`,
    }));
    for (const bit of ['kitchen counter ', '1 2 3 ', 'hot ', '12/', '1:30 ', 'nov ']) {
      const text = bit.repeat(Math.floor(4000 / bit.length));
      const { entries, notUnderstood } = readingLine({ text, now: NOW, places });
      const told = [...entries, ...notUnderstood].reduce((sum, { from, to }) => sum + to - from, 0);
      expect(told).toBeLessThanOrEqual(text.length);
    }
  });

  test('20 000 characters are read at once', () => {
    expect(asked('12: 118.4v 14.2a 41c amb 22c kitchen counter 7a\n'.repeat(400)).entries).toHaveLength(1600);
  });
});
