import fc from 'fast-check';
import { describe, expect, test } from '@jest/globals';
import {
  guessTable,
  guessTimeStyle,
  LoggerTable,
  LoggerTableRefused,
  timeReader,
  type ColumnUse,
  type LoggerTableSettings,
} from './index.ts';

const NEW_YORK = 'America/New_York';
const PRESS = { breakerId: '7f1ac0de-0000-4000-8000-000000000012', place: '12', label: 'Steam press' };

/** A table as text, cells parted by what is given. */
const cells = (text: string, separator = ',') => text.split('\n').map((line) => line.split(separator));

const settingsOf = (rows: string[][], more: Partial<LoggerTableSettings> = {}): LoggerTableSettings => {
  const { headLines, decimal, time, columns } = guessTable(rows, [PRESS]);
  return {
    headLines,
    decimal,
    time,
    columns: columns.map(({ use }) => use),
    zone: 'UTC',
    startMs: 0,
    shiftSeconds: 0,
    ...more,
  };
};

const read = (rows: string[][], more: Partial<LoggerTableSettings> = {}) => {
  const table = new LoggerTable(settingsOf(rows, more));
  table.add(rows);
  return table.end();
};

describe('how a time is written', () => {
  test.each([
    [['2026-11-27 10:00:00', '2026-11-27 10:00:01'], '2026-11-27T10:00:00.000Z'],
    [['2026-11-27T10:00:00.25Z'], '2026-11-27T10:00:00.250Z'],
    [['2026-11-27T10:00:00+01:00'], '2026-11-27T09:00:00.000Z'],
    [['11/27/2026 10:00:00 PM'], '2026-11-27T22:00:00.000Z'],
    [['27/11/2026 22:00'], '2026-11-27T22:00:00.000Z'],
    [['27.11.26 22:00:05,5'], '2026-11-27T22:00:05.500Z'],
    [['27-Nov-2026 12:00 AM'], '2026-11-27T00:00:00.000Z'],
    [['Nov 27, 2026 07:15:00'], '2026-11-27T07:15:00.000Z'],
    [['2026/11/27, 07:15:00'], '2026-11-27T07:15:00.000Z'],
    [['1795766400'], '2026-11-27T08:00:00.000Z'],
    [['1795766400250'], '2026-11-27T08:00:00.250Z'],
    [['46353.5', '46353.75'], '2026-11-27T12:00:00.000Z'],
  ])('%j', (texts, instant) => {
    const style = guessTimeStyle(texts)!;
    expect(new Date(timeReader(style, 'UTC', 0)(texts[0]!)!).toISOString()).toBe(instant);
  });

  test('a day and a month that could be either are told by which order the days follow one another in', () => {
    expect(guessTimeStyle(['05/11/2026 1:00', '06/11/2026 1:00', '07/11/2026 1:00'])).toEqual({
      kind: 'date',
      order: 'day-first',
    });
    expect(guessTimeStyle(['11/05/2026 1:00', '11/06/2026 1:00', '11/07/2026 1:00'])).toEqual({
      kind: 'date',
      order: 'month-first',
    });
    // Nothing tells: as it is written here.
    expect(guessTimeStyle(['05/06/2026 1:00'])).toEqual({ kind: 'date', order: 'month-first' });
  });

  test('clocks without a zone are read in the one that is given, summer time too', () => {
    const at = timeReader({ kind: 'date', order: 'year-first' }, NEW_YORK, 0);
    expect(new Date(at('2026-01-05 12:00')!).toISOString()).toBe('2026-01-05T17:00:00.000Z');
    expect(new Date(at('2026-07-05 12:00')!).toISOString()).toBe('2026-07-05T16:00:00.000Z');
  });

  test('a clock without a date passes midnight', () => {
    const at = timeReader({ kind: 'clock' }, 'UTC', Date.UTC(2026, 10, 27));
    expect(at('23:59:59')).toBe(Date.UTC(2026, 10, 27, 23, 59, 59));
    expect(at('00:00:01')).toBe(Date.UTC(2026, 10, 28, 0, 0, 1));
  });

  test.each(['2026-13-01 10:00', '2026-02-30 10:00', 'soon', '25:61', ''])('no time: %j', (text) => {
    expect(timeReader({ kind: 'date', order: 'year-first' }, 'UTC', 0)(text)).toBeNull();
  });

  test('any instant comes back, in each order', () => {
    const two = (figure: number) => String(figure).padStart(2, '0');
    const order = fc.constantFrom('year-first', 'month-first', 'day-first');
    fc.assert(
      fc.property(fc.integer({ min: Date.UTC(1990, 0), max: Date.UTC(2100, 0) }), order, (at, one) => {
        const date = new Date(at);
        const [year, month, day] = [
          date.getUTCFullYear(),
          two(date.getUTCMonth() + 1),
          two(date.getUTCDate()),
        ];
        const text = {
          'year-first': `${year}-${month}-${day}`,
          'month-first': `${month}/${day}/${year}`,
          'day-first': `${day}.${month}.${year}`,
        }[one];
        const clock = `${two(date.getUTCHours())}:${two(date.getUTCMinutes())}:${two(date.getUTCSeconds())}.${String(date.getUTCMilliseconds()).padStart(3, '0')}`;
        expect(timeReader({ kind: 'date', order: one }, 'UTC', 0)(`${text} ${clock}`)).toBe(at);
      }),
    );
  });
});

describe('what the columns are', () => {
  const kinds = (rows: string[][]) =>
    guessTable(rows, [PRESS]).columns.map(({ use }) => (use.as === 'channel' ? use.unit : use.as));

  test('names with units, lines before them, a counter, a remark', () => {
    const rows = cells(
      'Serial,00412\nInterval,1 s\n\n#,Date,Time,I Steam press (A),Leg B [mA],Volts,Remark\n1,2026-11-27,10:00:00,12.4,350,119.8,ok\n2,2026-11-27,10:00:01,12.5,351,119.7,ok\n3,2026-11-27,10:00:02,12.5,351,119.9,ok',
    );
    const table = guessTable(rows, [PRESS]);
    expect(kinds(rows)).toEqual(['nothing', 'time', 'time', 'A', 'mA', 'V', 'nothing']);
    expect(table.headLines).toBe(4);
    expect(table.columns[3]!.use).toMatchObject({ at: { kind: 'breaker', breakerId: PRESS.breakerId } });
    expect(table.columns[4]!.use).toMatchObject({ at: { kind: 'leg', leg: 'B' } });
  });

  test('units in a line of their own, semicolons, decimal commas', () => {
    const rows = cells(
      'Zeit;Strom;Luft\n;A;°C\n27.11.2026 10:00:00;4,25;21,5\n27.11.2026 10:00:10;4,30;21,5',
      ';',
    );
    expect(kinds(rows)).toEqual(['time', 'A', '°C']);
    expect(read(rows).recording.channels[0]!.values[0]).toBeCloseTo(4.25, 5);
  });

  test('no names at all: volts by their figures, what else there is is asked', () => {
    const rows = cells('0,119.6,4.1\n1,119.7,4.2\n2,119.5,4.1\n3,119.5,0.1');
    const { columns, headLines } = guessTable(rows, []);
    expect(headLines).toBe(0);
    expect(columns[1]).toMatchObject({ use: { unit: 'V' }, unitAsked: false });
    expect(columns[2]).toMatchObject({ use: { unit: 'A' }, unitAsked: true });
  });

  test('a breaker by its number', () => {
    const rows = cells('Time,Breaker 12 A\n10:00:00,4\n10:00:01,5\n10:00:02,6');
    expect(guessTable(rows, [PRESS]).columns[1]!.use).toMatchObject({
      at: { kind: 'breaker', breakerId: PRESS.breakerId },
    });
  });
});

describe('a table becomes a recording', () => {
  test('degrees Fahrenheit and milliamperes become °C and A; a clamp the wrong way round is turned', () => {
    const { recording, told } = read(
      cells('Time,Press (mA),Air (°F)\n10:00:00,-12500,68\n10:00:01,OL,50\n10:00:02,12000,'),
    );
    expect([...recording.channels[0]!.values]).toEqual([12.5, NaN, 12]);
    expect(recording.channels[1]!.values[0]).toBeCloseTo(20, 4);
    expect(recording.channels[1]!.values[1]).toBeCloseTo(10, 4);
    expect(told).toMatchObject({ samples: 3, negative: 1, missing: 2, impossible: 0 });
  });

  test('mixed-up lines are put in order, one at a time that was there before is left out', () => {
    const { recording, told } = read(
      cells('Time,A\n10:00:02,3\n10:00:00,1\n10:00:01,2\n10:00:01,9\nlogger stopped,\n10:00:03,4'),
    );
    expect([...recording.channels[0]!.values]).toEqual([1, 2, 3, 4]);
    expect(told).toMatchObject({ samples: 4, doubled: 1, skipped: 1, firstSkipped: 6, reordered: 1 });
  });

  test('the logger’s clock is set right', () => {
    const { recording } = read(cells('s,A\n0,3\n1,1\n2,2'), { startMs: 1_000_000, shiftSeconds: -90 });
    expect([...recording.times]).toEqual([910_000, 911_000, 912_000]);
  });

  test.each([
    ['no samples', 'Time,A\nnone,none', /time/],
    ['text', 'It was a dark night\nand the lights were out\n', /time/],
  ])('refused: %s', (_what, text, why) => {
    const rows = cells(text);
    expect(() => read(rows)).toThrow(why);
  });

  test('refused: hardly a line is a sample; a wrong date order; too many samples', () => {
    const time = { kind: 'date', order: 'month-first' } as const;
    const columns: ColumnUse[] = [{ as: 'time' }, { as: 'channel', unit: 'A', at: { kind: 'other' } }];
    const table = (rows: string[][]) => {
      const made = new LoggerTable({
        headLines: 0,
        decimal: '.',
        time,
        columns,
        zone: 'UTC',
        startMs: 0,
        shiftSeconds: 0,
      });
      made.add(rows);
      return made;
    };
    const days = Array.from({ length: 28 }, (_, i) => [`${i + 1}/02/2026 10:00`, '1']);
    expect(() => table(days).end()).toThrow(/16 of 28 lines are not samples, starting at line 13/);
    expect(() =>
      table([
        ['1/2/2019 10:00', '1'],
        ['1/2/2026 10:00', '1'],
      ]).end(),
    ).toThrow(/more than a year/);
    expect(() => table([]).end()).toThrow(LoggerTableRefused);
  });

  test('whatever lines come, it is a recording in order or refused in a sentence', () => {
    const cell = fc.oneof(
      fc.constantFrom('10:00:00', '2026-11-27 10:00:00', '1.5', '-3', '', 'OL', '1e309', 'NaN', '12,5', '"'),
      fc.string({ maxLength: 12 }),
    );
    fc.assert(
      fc.property(fc.array(fc.array(cell, { maxLength: 4 }), { maxLength: 30 }), (rows) => {
        try {
          const { recording } = read(rows);
          recording.times.forEach((time, i) => {
            if (i > 0) expect(time).toBeGreaterThan(recording.times[i - 1]!);
          });
        } catch (error) {
          expect(error).toBeInstanceOf(LoggerTableRefused);
        }
      }),
    );
  });
});
