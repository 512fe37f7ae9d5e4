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
import * as messages from './messages.ts';

/** Noise of a meter may show more volts under load than without, up to so many. */
const MOST_RISE_VOLTS = 2;

const volts = (what: string) =>
  z
    .number(messages.mustBeANumber(what))
    .min(0, messages.mustBeFrom0To300(what))
    .max(300, messages.mustBeFrom0To300(what));

/** The conductor between two points. */
export const conductorRun = z
  .object({
    gauge: z.enum(FEEDER_GAUGES, 'The conductor size must be one of 14 to 4/0 AWG or 250 to 600 kcmil.'),
    material: z.enum(MATERIALS, 'The material must be copper or aluminum.'),
    lengthM: metres,
    conductorC: z
      .number(messages.theConductorTemperatureMustBeA)
      .min(-40, messages.theConductorTemperatureMustBe)
      .max(250, messages.theConductorTemperatureMustBe)
      .default(40),
    wires: z
      .int(messages.theNumberOfWiresMustBe)
      .min(1, messages.atLeastOneWireCarriesThe)
      .max(4, messages.enterAtMostFourWires)
      .default(2)
      .describe('conductors of that length in the current path: hot and neutral make two'),
  })
  .refine(isMade, NOT_MADE);
export type ConductorRun = z.input<typeof conductorRun>;

const point = z
  .object({
    id,
    unloaded: volts(messages.theNoLoadVoltage).describe('V'),
    loaded: volts(messages.theVoltageUnderLoad).describe('V'),
    run: conductorRun.optional().describe('conductor from the point before, or the supply, to this one'),
  })
  .refine(({ unloaded, loaded }) => !exceeds(loaded, unloaded + MOST_RISE_VOLTS), {
    path: ['loaded'],
    message: messages.theVoltageUnderLoadCannotBe(MOST_RISE_VOLTS),
  });

export const sagInput = z.object({
  amps: amps.gt(0, messages.theLoadMustDrawCurrent).describe('current of the known load, A'),
  ratingAmps: ratingAmps.optional().describe('breaker rating, A'),
  meterVolts: z
    .number(messages.theMeterErrorMustBeA)
    .min(0, messages.theMeterErrorMustBeFrom)
    .max(20, messages.theMeterErrorMustBeFrom)
    .default(0.15)
    .describe('error of one reading, V'),
  points: z
    .array(point)
    .min(1, messages.enterAtLeastOnePoint)
    .max(12, messages.enterAtMost12PointsAt)
    .superRefine(noRepeatedIds)
    .describe('in order from the supply to the load'),
});
export type SagInput = z.input<typeof sagInput>;

export const sagOutput = z.object({
  points: z.array(
    z.object({
      id,
      dropVolts: z.number().describe('voltage drop up to here under the load, V'),
      dropPercent: z.number().nullable().describe('% of the no-load voltage'),
    }),
  ),
  segments: z.array(
    z.object({
      from: id.nullable().describe('null for the supply itself'),
      to: id,
      ohms: z.number().describe('Ω'),
      conductorOhms: z.number().nullable().describe('explained by the conductor, Ω; null if not known'),
      excessOhms: z.number().describe('Ω'),
      lowOhms: z.number().describe('minimum, allowing for the meter error, Ω'),
      highOhms: z.number().describe('maximum, Ω'),
      watts: z.number().describe('heat at the measured load, W'),
      wattsAtRating: z.number().nullable().describe('heat at the breaker rating, W'),
      grade: z.enum(HEAT_GRADES),
      reasons: z.array(reason),
    }),
  ),
  worst: id.nullable().describe('end of the segment to check first; null if none'),
});
export type Sag = z.infer<typeof sagOutput>;
export type SagSegment = Sag['segments'][number];
