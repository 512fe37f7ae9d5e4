import { z } from 'zod';
import {
  amps,
  exceeds,
  metres,
  noRepeatedIds,
  ratingAmps,
  reason,
  givenId as id,
} from '../../facts/quantities/index.ts';
import { FEEDER_GAUGES, MATERIALS, isMade, NOT_MADE } from '../../facts/standards/index.ts';
import { HEAT_GRADES } from '../heat/index.ts';

/** Noise of a meter may show more volts under load than without, up to so many. */
const MOST_RISE_VOLTS = 2;

const volts = (what: string) =>
  z
    .number(`${what} must be a number.`)
    .min(0, `${what} must be from 0 to 300 V.`)
    .max(300, `${what} must be from 0 to 300 V.`);

/** The conductor between two points. */
export const conductorRun = z
  .object({
    gauge: z.enum(FEEDER_GAUGES, 'The gauge must be one of 14 to 4/0 AWG or 250 to 600 kcmil.'),
    material: z.enum(MATERIALS, 'The material must be copper or aluminum.'),
    lengthM: metres,
    conductorC: z
      .number('The conductor’s temperature must be a number.')
      .min(-40, 'The conductor’s temperature must be from −40 to 250 °C.')
      .max(250, 'The conductor’s temperature must be from −40 to 250 °C.')
      .default(40),
    wires: z
      .int('The number of wires must be a whole number.')
      .min(1, 'One wire at least carries the current.')
      .max(4, 'At most four wires.')
      .default(2)
      .describe('conductors of that length in the way of the current: there and back are two'),
  })
  .refine(isMade, NOT_MADE);
export type ConductorRun = z.input<typeof conductorRun>;

const point = z
  .object({
    id,
    unloaded: volts('The voltage with nothing on').describe('V'),
    loaded: volts('The voltage with the load on').describe('V'),
    run: conductorRun
      .optional()
      .describe('the conductor between the point before, or the supply, and this one'),
  })
  .refine(({ unloaded, loaded }) => !exceeds(loaded, unloaded + MOST_RISE_VOLTS), {
    path: ['loaded'],
    message: `Under load the voltage cannot be more than ${MOST_RISE_VOLTS} V higher than with nothing on.`,
  });

export const sagInput = z.object({
  amps: amps.gt(0, 'The load must draw a current.').describe('what the known load draws, A'),
  ratingAmps: ratingAmps.optional().describe('what the breaker lets through for ever, A'),
  meterVolts: z
    .number('The meter’s error must be a number.')
    .min(0, 'The meter’s error must be from 0 to 20 V.')
    .max(20, 'The meter’s error must be from 0 to 20 V.')
    .default(0.15)
    .describe('error of one reading, V'),
  points: z
    .array(point)
    .min(1, 'Give at least one point.')
    .max(12, 'At most 12 points at a time.')
    .superRefine(noRepeatedIds)
    .describe('in the order in which the current passes them, from the supply to the load'),
});
export type SagInput = z.input<typeof sagInput>;

export const sagOutput = z.object({
  points: z.array(
    z.object({
      id,
      dropVolts: z.number().describe('V lost up to here under the load'),
      dropPercent: z.number().nullable().describe('% of the voltage with nothing on'),
    }),
  ),
  segments: z.array(
    z.object({
      from: id.nullable().describe('null: the supply itself'),
      to: id,
      ohms: z.number().describe('Ω'),
      conductorOhms: z.number().nullable().describe('what the conductor explains, Ω; null: not known'),
      excessOhms: z.number().describe('Ω'),
      lowOhms: z.number().describe('the least it may be by the meter’s error, Ω'),
      highOhms: z.number().describe('the most, Ω'),
      watts: z.number().describe('heat at the load drawn, W'),
      wattsAtRating: z.number().nullable().describe('heat at the breaker’s rating, W'),
      grade: z.enum(HEAT_GRADES),
      reasons: z.array(reason),
    }),
  ),
  worst: id.nullable().describe('the end of the segment to look at first; null: none'),
});
export type Sag = z.infer<typeof sagOutput>;
export type SagSegment = Sag['segments'][number];
