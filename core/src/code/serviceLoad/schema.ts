import { z } from 'zod';
import { amps, ratingAmps, reason, givenId as id, noIdInTwo } from '../../facts/quantities/index.ts';
import { FEEDER_GAUGES } from '../../facts/standards/index.ts';
import { serviceVolts } from '../feeder/index.ts';

/** The schools of article 220. */
export const SERVICE_METHODS = ['standard', 'optional', 'existing', 'measured'] as const;
export type ServiceMethod = (typeof SERVICE_METHODS)[number];

const MOST_VA = 1_000_000;
const va = (what: string) =>
  z
    .number(`${what} must be a number.`)
    .min(0, `${what} must be from 0 to ${MOST_VA} VA.`)
    .max(MOST_VA, `${what} must be from 0 to ${MOST_VA} VA.`);

const circuits = (what: string) =>
  z
    .int(`The number of ${what} circuits must be a whole number.`)
    .min(0, `The number of ${what} circuits must be from 0 to 100.`)
    .max(100, `The number of ${what} circuits must be from 0 to 100.`);

const FULL = 'At most 200 at a time.';

/** A dwelling and its service, field by field. */
export const dwellingFields = {
  serviceAmps: ratingAmps.describe('what the service is rated for now, A'),
  volts: serviceVolts,
  floorAreaFt2: z
    .number('The floor area must be a number.')
    .min(0, 'The floor area must be from 0 to 1,000,000 ft².')
    .max(1_000_000, 'The floor area must be from 0 to 1,000,000 ft².')
    .optional()
    .describe('outside dimensions; not needed for measured'),
  smallApplianceCircuits: circuits('small-appliance').default(2),
  laundryCircuits: circuits('laundry').default(1),
  fixed: z
    .array(z.object({ id, va: va('The load') }))
    .max(200, FULL)
    .default([])
    .describe('fastened in place, water heaters too; not cooking, dryer, heating, cooling, vehicles'),
  rangeKw: z
    .number('The range must be a number.')
    .min(1.75, 'A household range is from 1.75 to 27 kW.')
    .max(27, 'A household range is from 1.75 to 27 kW.')
    .optional(),
  dryerVa: va('The dryer').optional(),
  heatVa: va('Electric heating').default(0),
  heatUnits: z
    .int('Separate controls are a whole number.')
    .min(1, 'There is at least one control.')
    .max(200, FULL)
    .default(1)
    .describe('by how many separate controls'),
  heatKind: z.enum(['central', 'separate'], 'Heating is central or separate.').default('central'),
  heatPumpVa: va('The heat pump').default(0),
  coolingVa: va('Cooling').default(0),
  hvacIsNew: z.boolean('Whether heating or cooling is new is yes or no.').default(false),
  vehicleVa: z.array(va('A vehicle')).max(50, 'At most 50 vehicles.').default([]),
  largestMotorVa: va('The largest motor').default(0),
  measured: z
    .object({ peakAmps: amps })
    .optional()
    .describe(
      'the highest quarter hour of a year, or of 30 days with seasonal loads added, on the heavier leg',
    ),
  added: z
    .array(
      z.object({
        id,
        va: va('The load'),
        continuous: z.boolean('Whether it runs three hours or more is yes or no.'),
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
    if (method === 'measured' && !measured)
      missing('measured', 'The measured way needs the highest quarter hour.');
    if (method !== 'measured' && floorAreaFt2 === undefined)
      missing('floorAreaFt2', 'The floor area is missing.');
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
      va: z.number().describe('as connected'),
      demandVa: z.number().describe('as counted'),
      text: z.string(),
    }),
  ),
  demandVa: z.number(),
  demandAmps: z.number(),
  minServiceAmps: z.number().nullable().describe('null: beyond 400 A'),
  headroomAmps: z.number(),
  fits: z.boolean(),
  conductor: z
    .object({ copper: z.enum(FEEDER_GAUGES).nullable(), aluminum: z.enum(FEEDER_GAUGES).nullable() })
    .nullable()
    .describe('thinnest service conductors; null beyond 400 A'),
  reasons: z.array(reason),
});
export type ServiceLoad = z.infer<typeof serviceLoadOutput>;
