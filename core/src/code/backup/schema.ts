import { z } from 'zod';
import { givenId, noRepeatedIds, oneOf, watts } from '../../facts/quantities/index.ts';
import { BUS_LEGS } from '../addedLoad/index.ts';
import * as messages from './messages.ts';

/** A source of 120 V feeds both legs as one; a source of 120/240 V has half its power on each leg. */
export const BACKUP_SUPPLIES = ['120', '120/240'] as const;
/** 1: must have power; 2: wanted; 3: if there is power left. */
export const BACKUP_PRIORITIES = [1, 2, 3] as const;
export type BackupPriority = (typeof BACKUP_PRIORITIES)[number];
/** The most loads for which every combination is weighed. */
export const MOST_BACKUP_LOADS = 24;

/**
 * Whether a starting power is at least the running power; where it is not known it is.
 *
 * @param one running and starting power, W
 * @returns whether it is
 * @example startsAtRunning({ watts: 800, startingWatts: 500 }) // false
 */
export const startsAtRunning = ({
  watts: running,
  startingWatts,
}: {
  watts: number;
  startingWatts?: number | null | undefined;
}): boolean => (startingWatts ?? running) >= running;
/** Where and how it is told that it is not. */
export const STARTS_BELOW_RUNNING = {
  path: ['startingWatts'],
  message: messages.startingAtLeastRunning,
};

const backupSource = z
  .object({
    watts: watts.positive(messages.theSourceMustBeAbove0).describe('continuous power, W'),
    startingWatts: watts.optional().describe('for a few seconds, W; left out: the continuous power'),
    supply: z.enum(BACKUP_SUPPLIES, messages.theSupplyMustBe).describe('120/240 V has half on each leg'),
  })
  .refine(startsAtRunning, STARTS_BELOW_RUNNING);

const backupLoad = z
  .object({
    id: givenId,
    watts: watts.describe('running power, W'),
    startingWatts: watts.optional().describe('at its start, W; left out: the running power'),
    volts: oneOf([120, 240], messages.theVoltageMustBe),
    leg: z.enum(BUS_LEGS, messages.theLegMustBe).optional().describe('of a 120 V load'),
    priority: oneOf([...BACKUP_PRIORITIES], messages.thePriorityMustBe).describe('1 is most important'),
  })
  .refine(startsAtRunning, STARTS_BELOW_RUNNING)
  .superRefine(({ volts, leg }, context) => {
    if (volts === 120 && leg === undefined)
      context.addIssue({ code: 'custom', path: ['leg'], message: messages.enterTheLeg });
    if (volts === 240 && leg !== undefined)
      context.addIssue({ code: 'custom', path: ['leg'], message: messages.aLoadAt240HasNoLeg });
  });

export const backupInput = z.object({
  source: backupSource,
  loads: z
    .array(backupLoad)
    .min(1, messages.enterAtLeastOneLoad)
    .max(MOST_BACKUP_LOADS, messages.enterAtMostLoads(MOST_BACKUP_LOADS))
    .superRefine(noRepeatedIds),
});
export type BackupInput = z.input<typeof backupInput>;
export type BackupQuestion = z.output<typeof backupInput>;

/** Why a load is not carried. */
const LEFT_OUT = ['needs-240', 'too-large', 'no-power-left'] as const;

const onLegs = z.object({ a: z.number(), b: z.number() });
export const backupOutput = z.object({
  carried: z
    .array(z.object({ id: z.string(), peakWatts: z.number().describe('at its start, larger leg, W') }))
    .describe('in the order in which to switch them on'),
  leftOut: z.array(z.object({ id: z.string(), reason: z.enum(LEFT_OUT) })),
  runningWatts: onLegs.describe('all on leg a of a 120 V source'),
  limitWatts: onLegs.describe('continuous, on each leg'),
});
export type BackupPlan = z.infer<typeof backupOutput>;
