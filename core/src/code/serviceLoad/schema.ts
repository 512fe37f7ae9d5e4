import { z } from 'zod';
import { amps, ratingAmps, reason, givenId as id, noIdInTwo } from '../../facts/quantities/index.ts';
import { FEEDER_GAUGES } from '../../facts/standards/index.ts';
import { serviceVolts } from '../feeder/index.ts';
import * as messages from './messages.ts';

/** The schools of article 220. */
export const SERVICE_METHODS = ['standard', 'optional', 'existing', 'measured'] as const;
export type ServiceMethod = (typeof SERVICE_METHODS)[number];

const MOST_VA = 1_000_000;
const va = (what: string) =>
  z
    .number(messages.mustBeANumber(what))
    .min(0, messages.mustBeFrom0ToVa(what, MOST_VA))
    .max(MOST_VA, messages.mustBeFrom0ToVa(what, MOST_VA));

const circuits = (what: string) =>
  z
    .int(messages.theNumberOfCircuitsMustBe(what))
    .min(0, messages.theNumberOfCircuitsMustBeFrom(what))
    .max(100, messages.theNumberOfCircuitsMustBeFrom(what));

const FULL = messages.enterAtMost200AtA;

/** A dwelling and its service, field by field. */
export const dwellingFields = {
  serviceAmps: ratingAmps.describe('present service rating, A'),
  volts: serviceVolts,
  floorAreaFt2: z
    .number(messages.theFloorAreaMustBeA)
    .min(0, messages.theFloorAreaMustBeFrom)
    .max(1_000_000, messages.theFloorAreaMustBeFrom)
    .optional()
    .describe('outside dimensions; not needed for the measured method'),
  smallApplianceCircuits: circuits('small-appliance').default(2),
  laundryCircuits: circuits('laundry').default(1),
  fixed: z
    .array(z.object({ id, va: va('Load') }))
    .max(200, FULL)
    .default([])
    .describe('fixed appliances including water heaters; not cooking, dryer, heating, cooling or vehicles'),
  rangeKw: z
    .number(messages.theRangeMustBeANumber)
    .min(1.75, messages.aHouseholdRangeMustBeFrom)
    .max(27, messages.aHouseholdRangeMustBeFrom)
    .optional(),
  dryerVa: va('Dryer').optional(),
  heatVa: va(messages.electricHeating).default(0),
  heatUnits: z
    .int(messages.theNumberOfSeparateControls)
    .min(1, messages.enterAtLeastOneControl)
    .max(200, FULL)
    .default(1)
    .describe('number of separate controls'),
  heatKind: z.enum(['central', 'separate'], 'Heating must be central or separate.').default('central'),
  heatPumpVa: va(messages.heatPump).default(0),
  coolingVa: va('Cooling').default(0),
  hvacIsNew: z.boolean(messages.enterYesOrNoForNew).default(false),
  vehicleVa: z.array(va('Vehicle')).max(50, messages.enterAtMost50Vehicles).default([]),
  largestMotorVa: va(messages.largestMotor).default(0),
  measured: z
    .object({ peakAmps: amps })
    .optional()
    .describe(
      'highest 15-minute demand of one year, or of 30 days plus seasonal loads, on the more heavily loaded leg',
    ),
  added: z
    .array(
      z.object({
        id,
        va: va('Load'),
        continuous: z.boolean(messages.enterYesOrNoForA),
      }),
    )
    .max(200, FULL)
    .default([]),
};

export const serviceLoadInput = z
  .object({
    method: z.enum(SERVICE_METHODS, 'The method must be standard, optional, existing or measured.'),
    ...dwellingFields,
  })
  .superRefine(({ method, floorAreaFt2, measured, fixed, added }, context) => {
    const missing = (path: string, message: string) =>
      context.addIssue({ code: 'custom', path: [path], message });
    if (method === 'measured' && !measured) missing('measured', messages.theMeasuredMethodNeedsThe);
    if (method !== 'measured' && floorAreaFt2 === undefined)
      missing('floorAreaFt2', messages.enterTheFloorArea);
    noIdInTwo({ fixed, added }, context);
  });
export type ServiceLoadInput = z.input<typeof serviceLoadInput>;
export type ServiceQuestion = z.output<typeof serviceLoadInput>;

export const SERVICE_PARTS = [
  'general',
  'fixed',
  'range',
  'dryer',
  'hvac',
  'vehicle',
  'motor',
  'measured',
  'added',
] as const;
export type ServicePart = (typeof SERVICE_PARTS)[number];

export const serviceLoadOutput = z.object({
  parts: z.array(
    z.object({
      code: z.enum(SERVICE_PARTS),
      va: z.number().describe('connected load'),
      demandVa: z.number().describe('calculated load'),
      text: z.string(),
    }),
  ),
  demandVa: z.number(),
  demandAmps: z.number(),
  minServiceAmps: z.number().nullable().describe('null above 400 A'),
  headroomAmps: z.number(),
  fits: z.boolean(),
  conductor: z
    .object({ copper: z.enum(FEEDER_GAUGES).nullable(), aluminum: z.enum(FEEDER_GAUGES).nullable() })
    .nullable()
    .describe('smallest service conductors; null above 400 A'),
  reasons: z.array(reason),
});
export type ServiceLoad = z.infer<typeof serviceLoadOutput>;
