import fc from 'fast-check';
import { describe, expect, test } from '@jest/globals';
import {
  CHANNEL_QUANTITIES,
  CHANNEL_RANGES,
  packRecording,
  RecordingDamaged,
  recordingSummary,
  unpackRecording,
  type Recording,
} from './index.ts';

const aRecording = (): Recording => ({
  times: Float64Array.from(
    { length: 1000 },
    (_, i) => Date.UTC(2026, 10, 2) + i * 1000 + (i > 500 ? 7_200_000 : 0),
  ),
  channels: [
    {
      quantity: 'current',
      values: Float32Array.from({ length: 1000 }, (_, i) => (i % 7 === 0 ? NaN : (i % 90) / 5)),
    },
    { quantity: 'voltage', values: Float32Array.from({ length: 1000 }, (_, i) => 119 + (i % 30) / 10) },
  ],
});

/** To what a channel keeps, and how a 32-bit figure holds it. */
function expectSame(back: Recording, given: Recording) {
  expect([...back.times]).toEqual([...given.times]);
  back.channels.forEach(({ quantity, values }, channel) => {
    const { step } = CHANNEL_RANGES[quantity];
    values.forEach((value, i) => {
      const was = given.channels[channel]!.values[i]!;
      if (Number.isNaN(was)) expect(value).toBeNaN();
      else expect(Math.abs(value - was)).toBeLessThanOrEqual(step / 2 + Math.abs(was) * 1e-6);
    });
  });
}

describe('a recording as bytes', () => {
  test('comes back as it was, gaps and missing figures too, in two or three bytes a sample and channel', () => {
    const packed = packRecording(aRecording());
    expectSame(unpackRecording(packed), aRecording());
    expect(packed.length).toBeLessThan(1000 * (1 + 2 * 2.5) + 300);
  });

  test('any recording comes back', () => {
    const channel = fc.constantFrom(...CHANNEL_QUANTITIES).chain((quantity) => {
      const { from, to } = CHANNEL_RANGES[quantity];
      return fc
        .array(
          fc.oneof(
            { weight: 9, arbitrary: fc.double({ min: from, max: to, noNaN: true }) },
            { weight: 1, arbitrary: fc.constant(NaN) },
          ),
          {
            minLength: 20,
            maxLength: 20,
          },
        )
        .map((values) => ({ quantity, values: Float32Array.from(values) }));
    });
    const steps = fc.array(fc.integer({ min: 0, max: 40_000_000 }), { minLength: 20, maxLength: 20 });
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 2e12 }),
        steps,
        fc.array(channel, { minLength: 1, maxLength: 3 }),
        (start, between, channels) => {
          let at = start;
          const recording = { times: Float64Array.from(between, (step) => (at += step)), channels };
          expectSame(unpackRecording(packRecording(recording)), recording);
        },
      ),
    );
  });

  test('whatever is cut off or changed is refused, or a recording within what hardware can do', () => {
    const packed = packRecording(aRecording());
    fc.assert(
      fc.property(fc.nat(packed.length - 1), fc.nat(255), fc.boolean(), (at, byte, cut) => {
        const damaged = cut ? packed.slice(0, at) : packed.slice();
        if (!cut) damaged[at] = byte;
        try {
          const { channels } = unpackRecording(damaged);
          for (const { quantity, values } of channels)
            for (const value of values)
              if (!Number.isNaN(value)) {
                expect(value).toBeGreaterThanOrEqual(CHANNEL_RANGES[quantity].from);
                expect(value).toBeLessThanOrEqual(CHANNEL_RANGES[quantity].to);
              }
        } catch (error) {
          expect(error).toBeInstanceOf(RecordingDamaged);
        }
      }),
    );
  });
});

test('what is told of a recording', () => {
  const times = Float64Array.from({ length: 3600 }, (_, i) => i * 1000);
  const values = Float32Array.from({ length: 3600 }, (_, i) => (i >= 1200 && i < 2400 ? 18 : 6));
  expect(recordingSummary({ times, channels: [{ quantity: 'current', values }] })).toEqual({
    fromMs: 0,
    toMs: 3_599_000,
    samples: 3600,
    intervalMs: 1000,
    channels: [
      {
        quantity: 'current',
        spread: { least: 6, mean: 10, most: 18 },
        quarterHour: { fromMs: 1_200_000, mean: 18 },
        // Thirds of it: low, high, low.
        curve: {
          least: expect.any(Array),
          most: [...Array(32).fill(6), ...Array(32).fill(18), ...Array(32).fill(6)],
        },
      },
    ],
  });
});
