import fc from 'fast-check';
import { describe, expect, test } from '@jest/globals';
import {
  envelopeOf,
  highestMean,
  historyBefore,
  loadEvents,
  loadTurns,
  loggerClock,
  longestOverload,
  spreadOf,
  currentSteps,
  timeAbove,
  voltageEvents,
  type Samples,
} from './index.ts';

/** A second between samples, and a meter’s digits that move a little. */
const log = (values: number[], intervalMs = 1000): Samples => ({
  times: Float64Array.from(values, (_, i) => i * intervalMs),
  values: Float32Array.from(values, (value, i) => value + (value > 0 ? ((i * 7) % 5) * 0.01 : 0)),
});
const steady = (amps: number, samples: number): number[] => Array.from({ length: samples }, () => amps);

const anySamples = fc
  .array(fc.tuple(fc.integer({ min: 1, max: 5000 }), fc.integer({ min: 0, max: 400 })), {
    minLength: 2,
    maxLength: 60,
  })
  .map((list): Samples => {
    let at = 0;
    return {
      times: Float64Array.from(list, ([step]) => (at += step)),
      values: Float32Array.from(list, ([, tenths]) => tenths / 10),
    };
  });

describe('over time', () => {
  test('the highest window is as high as any, tried one by one', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 300 }), { minLength: 30, maxLength: 60 }),
        fc.integer({ min: 3, max: 20 }),
        (tenths, seconds) => {
          const samples = log([]);
          samples.times = Float64Array.from(tenths, (_, i) => i * 1000);
          samples.values = Float32Array.from(tenths, (one) => one / 10);
          const best = highestMean(samples, seconds * 1000)!;
          let most = 0;
          for (let from = 0; from + seconds <= tenths.length; from += 1) {
            const sum = tenths.slice(from, from + seconds).reduce((a, b) => a + b, 0);
            most = Math.max(most, sum / 10 / seconds);
          }
          expect(best.mean).toBeCloseTo(most, 4);
        },
      ),
    );
  });

  test('a window that was hardly logged tells nothing', () => {
    const samples: Samples = {
      times: Float64Array.of(0, 1000, 2000, 500_000),
      values: Float32Array.of(30, 30, 30, 1),
    };
    expect(highestMean(samples, 100_000)).toBeNull();
    expect(highestMean(samples, 2000)).toMatchObject({ mean: 30 });
  });

  test('time above a limit and mean agree with the area', () => {
    const samples = log([...steady(18, 60), ...steady(10, 60)]);
    expect(timeAbove(samples, 16)).toBe(60_000);
    expect(spreadOf(samples)!.mean).toBeCloseTo(14.02, 1);
    expect(spreadOf({ times: Float64Array.of(0, 1), values: Float32Array.of(NaN, NaN) })).toBeNull();
  });
});

test('the envelope of any columns holds every peak, and nothing but what was logged', () => {
  fc.assert(
    fc.property(anySamples, fc.integer({ min: 1, max: 40 }), (samples, columns) => {
      const [from, to] = [samples.times[0]!, samples.times[samples.times.length - 1]! + 1];
      const { least, most } = envelopeOf(samples)(from, to, columns);
      expect(Math.max(...most.filter((value) => !Number.isNaN(value)))).toBe(Math.max(...samples.values));
      expect(Math.min(...least.filter((value) => !Number.isNaN(value)))).toBe(Math.min(...samples.values));
    }),
  );
  // Long enough for blocks of blocks, with one peak of one sample.
  const long = log(steady(5, 20_000));
  long.values[13_337] = 77;
  const { most } = envelopeOf(long)(0, 20_000_000, 100);
  expect(most[66]).toBe(77);
  expect([...most].filter((value) => value > 6)).toHaveLength(1);
});

describe('a logger’s clock', () => {
  test('gaps, longest first, and drift', () => {
    const times = Float64Array.from(
      { length: 2000 },
      (_, i) => i * 1002 + (i > 900 ? 3_600_000 : 0) + (i > 950 ? 60_000 : 0),
    );
    const clock = loggerClock(times);
    expect(clock.usualMs).toBe(1002);
    expect(clock.gaps.map(({ fromMs, toMs }) => Math.round((toMs - fromMs) / 1000))).toEqual([3601, 61]);
    expect(clock.driftSecondsADay).toBeCloseTo(172.8, 1);
  });

  test('a clock that is right shows no drift', () => {
    expect(loggerClock(Float64Array.from({ length: 2000 }, (_, i) => i * 1000)).driftSecondsADay).toBeNull();
  });
});

describe('what happened', () => {
  const known = [
    { id: 'heater', amps: 12 },
    { id: 'pump', amps: 5 },
  ];

  test('switching, by load, with a start', () => {
    const events = loadEvents(
      log(
        [
          ...steady(0, 50),
          ...steady(12, 100),
          ...steady(0, 1),
          34,
          20,
          ...steady(17, 100),
          ...steady(5, 60),
          ...steady(0, 90),
        ].map((amps, i) => (i === 150 ? 12 : amps)),
      ),
      30,
      known,
    );
    expect(events.map(({ kind, ...event }) => [kind, 'loadId' in event ? event.loadId : null])).toEqual([
      ['switched-on', 'heater'],
      ['switched-on', 'pump'],
      ['switched-off', 'heater'],
      ['switched-off', 'pump'],
    ]);
    const pump = events[1]!;
    expect(pump.kind === 'switched-on' && pump.start!.multiple).toBeCloseTo(22 / 5, 0);
  });

  test('a trip after an overload, what led up to it, and what came back', () => {
    const events = loadEvents(
      log([...steady(12, 300), ...steady(27, 200), ...steady(0, 400), ...steady(12, 100)]),
      20,
      [
        { id: 'heater', amps: 12 },
        { id: 'kettle', amps: 15 },
      ],
    );
    const trip = events.find(({ kind }) => kind === 'trip')!;
    expect(trip).toMatchObject({ kind: 'trip', atMs: 500_000, isOverload: true });
    if (trip.kind !== 'trip') return;
    expect(trip.amps).toBeCloseTo(27, 1);
    expect(trip.seconds).toBeCloseTo(200, 0);
    expect(trip.preloadAmps).toBeCloseTo(12, 1);
    expect(trip.history.reduce((sum, { seconds }) => sum + seconds, 0)).toBeCloseTo(500, 0);
    expect(events.at(-1)).toMatchObject({ kind: 'restored', offSeconds: 400 });
  });

  test('one heater that goes off by its thermostat is no trip', () => {
    const turns = Array.from({ length: 6 }, () => [...steady(12, 200), ...steady(0, 200)]).flat();
    expect(
      loadEvents(log(turns), 15, [{ id: 'heater', amps: 12 }]).filter(({ kind }) => kind === 'trip'),
    ).toEqual([]);
  });

  test('a sag of the supply switches nothing', () => {
    const amps = log([...steady(12, 300), ...steady(9.6, 20), ...steady(12, 300)]);
    const volts = log([...steady(120, 300), ...steady(96, 20), ...steady(120, 300)]);
    expect(loadEvents(amps, 20, known, voltageEvents(volts))).toEqual([]);
    expect(voltageEvents(volts)).toEqual([
      expect.objectContaining({ kind: 'sag', atMs: 300_000, seconds: 20, volts: 96 }),
    ]);
    expect(loadEvents(amps, 20, known)).toHaveLength(2);
  });

  test('noise is no step, whatever lies in a gap is not told', () => {
    expect(currentSteps(log(steady(9, 500)))).toEqual([]);
    const gap = log([...steady(4, 100), ...steady(9, 100)]);
    gap.times = gap.times.map((time, i) => (i < 100 ? time : time + 600_000));
    expect(currentSteps(gap)).toEqual([]);
  });

  test('the history before an instant keeps the heat: square of the current times time', () => {
    fc.assert(
      fc.property(anySamples, (samples) => {
        const end = samples.times[samples.times.length - 1]! + 1;
        const history = historyBefore(samples, end);
        expect(history.length).toBeLessThanOrEqual(60);
        const heat = history.reduce((sum, { amps, seconds }) => sum + amps ** 2 * seconds, 0);
        expect(Number.isFinite(heat)).toBe(true);
        const seconds = history.reduce((sum, one) => sum + one.seconds, 0);
        expect(seconds).toBeCloseTo((end - samples.times[0]!) / 1000, 3);
      }),
    );
  });

  test('how a load ran, and the longest stretch above the rating in which it held', () => {
    const turn = [...steady(0, 100), ...steady(12, 60)];
    const samples = log([...turn, ...turn, ...turn, ...steady(0, 100)]);
    const events = loadEvents(samples, 20, known);
    expect(loadTurns(events)).toEqual([
      expect.objectContaining({
        loadId: 'heater',
        times: 3,
        onSeconds: 60,
        offSeconds: 100,
        surgeTimes: null,
      }),
    ]);
    expect(longestOverload(samples, 10, [])).toMatchObject({ seconds: 60 });
    expect(longestOverload(samples, 13, [])).toBeNull();
    expect(longestOverload(samples, 10, [160_000, 320_000, 480_000])).toBeNull();
  });
});
