import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { normal, seeded, type Random } from '../../facts/random/index.ts';
import { runs } from '../../testing/index.ts';
import {
  METERED_LOADS,
  meterDifference,
  type MeterDifferenceInput,
  type MeteredLoad,
  type MeterKind,
} from './index.ts';

const pulse = (...readings: [number, number][]): MeterDifferenceInput => ({
  ...{ meter: 'pulse', wattHours: 1, volts: 240, load: 'resistive' },
  readings: readings.map(([count, seconds]) => ({ count, seconds })),
});
const codes = (input: MeterDifferenceInput) => meterDifference(input).reasons.map(({ code }) => code);

describe('the difference at the meter', () => {
  test('300 W without, 4,800 W with a water heater: 4,500 W are 18.8 A', () => {
    const answer = meterDifference(pulse([5, 60], [80, 60], [5, 60]));
    expect(answer).toMatchObject({ ok: true, watts: 4500, amps: 18.75, restChangedWatts: 0 });
    expect(answer.ampsRange.low).toBeGreaterThan(18);
    expect(answer.ampsRange.high).toBeLessThan(19.7);
  });

  test('a display: 0.42 kW, 1.92 kW, 0.43 kW', () => {
    const answer = meterDifference({
      ...{ meter: 'display', stepWatts: 10, volts: 120, load: 'resistive' },
      readings: [{ watts: 420 }, { watts: 1920 }, { watts: 430 }],
    });
    expect(answer.watts).toBe(1495);
    expect(answer.amps).toBeCloseTo(12.46, 2);
  });

  test('a motor draws more current than its power says', () => {
    const { amps, ampsRange } = meterDifference({ ...pulse([5, 60], [30, 60], [5, 60]), load: 'motor' });
    expect(amps).toBeCloseTo(1500 / 240 / 0.8, 9);
    expect(ampsRange.high).toBeGreaterThan(1500 / 240 / 0.6);
  });

  test('anything else that switches, a difference below its error and a wrong order are told', () => {
    expect(codes(pulse([5, 60], [30, 60], [9, 60]))).toEqual(['rest-changed']);
    expect(codes(pulse([5, 60], [5, 60], [5, 60]))).toEqual(['below-error']);
    expect(codes(pulse([30, 60], [5, 60], [30, 60]))).toEqual(['negative']);
  });

  test('refuses readings that do not end with the circuit off, none counted, and no voltage', () => {
    expect(() => meterDifference(pulse([5, 60], [30, 60]))).toThrow();
    expect(() => meterDifference(pulse([5, 60], [30, 60], [5, 60], [30, 60]))).toThrow();
    expect(() => meterDifference(pulse([0, 60], [30, 60], [5, 60]))).toThrow();
    expect(() => meterDifference({ ...pulse([5, 60], [30, 60], [5, 60]), volts: 0 })).toThrow();
  });
});

const TRUE_FACTORS: Record<MeteredLoad, [number, number]> = {
  resistive: [0.99, 1],
  motor: [0.65, 0.95],
  electronic: [0.55, 0.99],
  unknown: [0.6, 1],
};

/** A house with something always on, perhaps something that cycles, and a person who counts and times. */
function simulated(random: Random) {
  const between = (from: number, to: number) => from + random() * (to - from);
  const load = METERED_LOADS[Math.floor(random() * METERED_LOADS.length)]!;
  const meter = (['pulse', 'disk', 'display'] as MeterKind[])[Math.floor(random() * 3)]!;
  const watts = between(150, 6000);
  const powerFactor = between(...TRUE_FACTORS[load]);
  const volts = random() < 0.5 ? 120 : 240;
  const always = between(150, 900);
  const gain = 1 + 0.004 * normal(random);
  const rounds = random() < 0.7 ? 3 : 5;
  // A refrigerator, a fan or a pump that switches once, somewhere between two readings.
  const switches = random() < 0.2 ? { at: Math.floor(random() * rounds), watts: between(60, 500) } : null;
  const wattHours = meter === 'disk' ? 7.2 : 1;
  const readings = Array.from({ length: rounds }, (_, i) => {
    const rest = always + 7 * normal(random) + (switches && i > switches.at ? switches.watts : 0);
    const shown = Math.max(20, gain * (rest + (i % 2 === 1 ? watts : 0)));
    if (meter === 'display') return { watts: 10 * Math.round(shown / 10) };
    const period = (3600 * wattHours) / shown;
    const count = Math.max(2, Math.ceil(45 / period));
    const reaction = () => (meter === 'disk' ? 0.3 : 0.22) * normal(random);
    return { count, seconds: Math.max(1, count * period + reaction() - reaction()) };
  });
  const common = { volts, load };
  const input = (
    meter === 'display'
      ? { ...common, meter, stepWatts: 10, readings }
      : { ...common, meter, wattHours, readings }
  ) as MeterDifferenceInput;
  return { input, watts, amps: watts / (volts * powerFactor), switched: switches !== null };
}

test('on simulated houses the stated range holds the truth in 95%, and what else switches is noticed', () => {
  const random = seeded(36_007);
  let [answered, wattsHeld, ampsHeld, calm, calmAnswered] = [0, 0, 0, 0, 0];
  for (let i = 0; i < runs(4000, 40_000); i++) {
    const { input, watts, amps, switched } = simulated(random);
    const answer = meterDifference(input);
    if (!switched) calm++;
    if (!answer.ok) continue;
    answered++;
    if (!switched) calmAnswered++;
    if (watts >= answer.wattsRange.low && watts <= answer.wattsRange.high) wattsHeld++;
    if (amps >= answer.ampsRange.low && amps <= answer.ampsRange.high) ampsHeld++;
  }
  expect(wattsHeld / answered).toBeGreaterThanOrEqual(0.95);
  expect(ampsHeld / answered).toBeGreaterThanOrEqual(0.95);
  // Nine in ten of those who measure in a calm house get an answer at once.
  expect(calmAnswered / calm).toBeGreaterThan(0.85);
});

describe('laws', () => {
  test('counting longer never widens the range; the range holds the figure', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 40 }),
        fc.integer({ min: 41, max: 400 }),
        fc.integer({ min: 2, max: 6 }),
        (off, on, times) => {
          const once = meterDifference(pulse([off, 60], [on, 60], [off, 60]));
          const longer = meterDifference(
            pulse([off * times, 60 * times], [on * times, 60 * times], [off * times, 60 * times]),
          );
          const width = ({ wattsRange: { low, high } }: typeof once) => high - low;
          expect(width(longer)).toBeLessThanOrEqual(width(once) + 1e-9);
          expect(once.amps).toBeGreaterThanOrEqual(once.ampsRange.low);
          expect(once.amps).toBeLessThanOrEqual(once.ampsRange.high);
        },
      ),
    );
  });
});
