import { z } from 'zod';
import { reason, seconds, volts, watts } from '../../facts/quantities/index.ts';
import * as messages from './messages.ts';

/** A blinking lamp, a turning disk with a mark, or a display of power. */
export const METER_KINDS = ['pulse', 'disk', 'display'] as const;
export type MeterKind = (typeof METER_KINDS)[number];

/** What the circuit feeds, by which its power factor is known. */
export const METERED_LOADS = ['resistive', 'motor', 'electronic', 'unknown'] as const;
export type MeteredLoad = (typeof METERED_LOADS)[number];

const MOST_READINGS = 9;

const timed = z.object({
  count: z.int(messages.countAtLeastOne).min(1, messages.countAtLeastOne).describe('pulses or turns'),
  seconds: seconds.min(1, messages.timeAtLeast).describe('from the first mark to the last, s'),
});

const inTurns = <R extends z.ZodType>(reading: R) =>
  z
    .array(reading)
    .min(3, messages.enterReadings)
    .max(MOST_READINGS, messages.atMostReadings)
    .refine((list) => list.length % 2 === 1, messages.oddCount)
    .describe('circuit off, on, off, and so on');

const about = {
  volts: volts.positive(messages.enterTheVoltage).describe('of the circuit: 120 or 240'),
  load: z.enum(METERED_LOADS, messages.theLoadMustBe).default('unknown'),
};

export const meterDifferenceInput = z.discriminatedUnion('meter', [
  z.object({
    ...about,
    meter: z.enum(['pulse', 'disk'], messages.theMeterMustBe),
    wattHours: watts.positive(messages.enterWattHours).describe('of one pulse or turn, Wh'),
    readings: inTurns(timed),
  }),
  z.object({
    ...about,
    meter: z.literal('display', messages.theMeterMustBe),
    stepWatts: watts.positive(messages.enterTheStep).describe('smallest step of the display, W'),
    readings: inTurns(z.object({ watts })),
  }),
]);
export type MeterDifferenceInput = z.input<typeof meterDifferenceInput>;
export type MeterDifferenceQuestion = z.output<typeof meterDifferenceInput>;

const range = z.object({ low: z.number(), high: z.number() });
export const meterDifferenceOutput = z.object({
  ok: z.boolean().describe('false: measure again, for the reason told'),
  watts: z.number().describe('power of the circuit, W'),
  wattsRange: range.describe('95% of the cases, W'),
  amps: z.number().describe('current of the circuit, A'),
  ampsRange: range.describe('95% of the cases, A'),
  restChangedWatts: z.number().describe('largest change of the rest of the house, W'),
  reasons: z.array(reason),
});
export type MeterDifference = z.infer<typeof meterDifferenceOutput>;
