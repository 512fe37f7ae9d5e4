import { z } from 'zod';
import { INSTRUMENTS, type KnownInstrument } from '../../facts/instruments/index.ts';
import { amps, millivolts, surfaceC, volts, watts } from '../../facts/quantities/index.ts';
import {
  CURRENT_POINTS,
  id,
  instant,
  MILLIVOLT_POINTS,
  POWER_POINTS,
  TEMPERATURE_POINTS,
  VOLTAGE_POINTS,
  type Quantity,
  type Reading,
} from '../entities/index.ts';
import * as messages from './messages.ts';

/** The name by which a device sends: its own, as it likes. */
export const feedId = z
  .string()
  .regex(
    /^[a-zA-Z0-9][a-zA-Z0-9._-]{0,59}$/,
    'A feed name can have letters, digits, periods and hyphens, at most 60.',
  );

const KNOWN = INSTRUMENTS.filter((one) => one !== 'unknown') as [KnownInstrument, ...KnownInstrument[]];

/** The units a device may send in; temperatures are kept in °C. */
export const SAMPLE_UNITS = ['V', 'A', 'W', 'mV', 'C', '°C', 'F', '°F'] as const;
type SampleUnit = (typeof SAMPLE_UNITS)[number];

const QUANTITY: Record<SampleUnit, Quantity> = {
  V: 'voltage',
  A: 'current',
  W: 'power',
  mV: 'millivolts',
  C: 'temperature',
  '°C': 'temperature',
  F: 'temperature',
  '°F': 'temperature',
};
const POINTS: Record<Quantity, readonly string[]> = {
  voltage: VOLTAGE_POINTS,
  current: CURRENT_POINTS,
  power: POWER_POINTS,
  millivolts: MILLIVOLT_POINTS,
  temperature: TEMPERATURE_POINTS,
};
const BOUNDS = { voltage: volts, current: amps, power: watts, millivolts, temperature: surfaceC } as const;

const points = [...new Set(Object.values(POINTS).flat())] as [Reading['point'], ...Reading['point'][]];

/** One figure as a device sends it. */
export const sentSample = z
  .strictObject({
    instrument: z.enum(KNOWN, `The instrument must be one of: ${KNOWN.join(', ')}.`),
    point: z.enum(points, `The point must be one of: ${points.join(', ')}.`),
    value: z.number(messages.theValueMustBeANumber),
    unit: z.enum(SAMPLE_UNITS, `The unit must be one of: ${SAMPLE_UNITS.join(', ')}.`),
    time: instant,
    simulated: z.boolean().default(false).describe('true if a program simulates the device'),
  })
  .superRefine(({ point, value, unit }, context) => {
    const quantity = QUANTITY[unit];
    if (!POINTS[quantity].includes(point))
      context.addIssue({
        code: 'custom',
        path: ['point'],
        message: messages.inThePointMustBeOne(unit, POINTS[quantity].join(', ')),
      });
    const bounded = BOUNDS[quantity].safeParse(inRecordUnit(value, unit));
    for (const { message } of bounded.error?.issues ?? [])
      context.addIssue({ code: 'custom', path: ['value'], message });
  });
export type SentSample = z.input<typeof sentSample>;

const inRecordUnit = (value: number, unit: SampleUnit) =>
  unit === 'F' || unit === '°F' ? ((value - 32) * 5) / 9 : value;

/** What one instrument shows at one point, live. */
export const channel = z.object({
  instrument: z.enum(KNOWN),
  point: z.enum(points),
  quantity: z.enum(Object.keys(POINTS) as [Quantity, ...Quantity[]]),
  simulated: z.boolean(),
});
export type Channel = z.infer<typeof channel>;

/** A figure of a channel at a moment, in the record’s unit. */
export const sample = channel.extend({ value: z.number(), time: instant });
export type Sample = z.infer<typeof sample>;

/** What is switched on at a simulated panel: the stand-in’s meters answer it. */
export const switched = z.strictObject({
  breakerId: id,
  on: z.array(z.string().min(1).max(120)).max(60),
});
export type Switched = z.infer<typeof switched>;

/** A device that sends, with what it showed last. */
export const feed = z.object({
  id: feedId,
  simulated: z.boolean(),
  at: instant.describe('time of its latest reading, by this server’s clock'),
  channels: z.array(sample),
});
export type Feed = z.infer<typeof feed>;

/**
 * A figure as it was sent, in the record’s unit.
 *
 * @param sent one line of a device
 * @returns the same in V, A, W, mV or °C
 * @example asSample({ instrument: 'spot-thermometer', point: 'face', value: 212, unit: '°F', time, simulated: false }).value // 100
 */
export function asSample({
  instrument,
  point,
  value,
  unit,
  time,
  simulated,
}: z.output<typeof sentSample>): Sample {
  return {
    instrument,
    point,
    quantity: QUANTITY[unit],
    simulated,
    value: inRecordUnit(value, unit),
    time,
  };
}
