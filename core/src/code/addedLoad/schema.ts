import { z } from 'zod';
import { amps, exceeds, givenId, noRepeatedIds, oneOf } from '../../facts/quantities/index.ts';
import * as messages from './messages.ts';

/** What a load passes on its way from its outlet to the utility. */
export const NODE_KINDS = ['branch', 'feeder', 'bus', 'main', 'service'] as const;
export type NodeKind = (typeof NODE_KINDS)[number];

export const BUS_LEGS = ['a', 'b'] as const;
export type BusLeg = (typeof BUS_LEGS)[number];

const onLegs = z.object({ a: amps, b: amps });

const node = z
  .object({
    id: givenId,
    kind: z.enum(NODE_KINDS, messages.theKindMustBeOneOf),
    ratingAmps: amps.positive(messages.theRatingMustBeAbove0),
    ampacity: amps.optional().describe('of its conductors, A'),
    legs: onLegs.describe('load already there, continuous load included'),
    continuousAmps: z
      .object({ a: amps.default(0), b: amps.default(0) })
      .default({ a: 0, b: 0 })
      .describe('the part of it that runs three hours or more'),
  })
  .superRefine(({ legs, continuousAmps }, context) => {
    for (const leg of BUS_LEGS)
      if (exceeds(continuousAmps[leg], legs[leg]))
        context.addIssue({
          code: 'custom',
          path: ['continuousAmps', leg],
          message: messages.theContinuousPartIsAboveTheLoad,
        });
  });
export type LoadNode = z.output<typeof node>;

export const addedLoadInput = z.object({
  path: z
    .array(node)
    .min(1, messages.nameAtLeastOneNode)
    .max(8, messages.nameAtMost8Nodes)
    .superRefine(noRepeatedIds)
    .describe('from the load up to the service'),
  added: z
    .object({
      amps,
      poles: oneOf([1, 2], messages.polesMustBe),
      leg: z
        .enum(BUS_LEGS, messages.theLegMustBeAOrB)
        .optional()
        .describe('left out: the leg of the first node that carries less'),
      continuous: z.boolean().default(false).describe('three hours or more'),
    })
    .refine(({ poles, leg }) => poles === 1 || leg === undefined, {
      path: ['leg'],
      message: messages.aTwoPoleLoadIsOnBothLegs,
    }),
  rules: z
    .enum(['split', 'flat80'], messages.theRulesMustBe)
    .describe('split: 125% of continuous load; flat80: 80% of the rating for any load'),
});
export type AddedLoadInput = z.input<typeof addedLoadInput>;
export type AddedLoadQuestion = z.output<typeof addedLoadInput>;

const countedLegs = z.object({ a: z.number(), b: z.number() });

export const addedLoadOutput = z.object({
  fits: z.boolean(),
  nodes: z.array(
    z.object({
      id: z.string(),
      before: countedLegs.describe('counted amps of each leg'),
      after: countedLegs,
      limitAmps: z.number(),
      headroomAmps: z.number().describe('negative if over the limit'),
      ok: z.boolean(),
    }),
  ),
  first: z.string().nullable().describe('the first node over its limit'),
  largestAmps: z.number().describe('largest load of this kind that fits everywhere'),
});
export type AddedLoad = z.infer<typeof addedLoadOutput>;
