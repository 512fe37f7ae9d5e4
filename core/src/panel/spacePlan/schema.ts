import { z } from 'zod';
import { givenId, noRepeatedIds, oneOf } from '../../facts/quantities/index.ts';
import { HALVES, slotsOf, spacesOf } from '../layout/index.ts';
import { MOST_PLANNED_SPACES } from './limits.ts';
import * as messages from './messages.ts';

const space = z
  .int(messages.theSpaceMustBeAWhole)
  .min(1, messages.spacesAreNumberedFrom1To(MOST_PLANNED_SPACES))
  .max(MOST_PLANNED_SPACES, messages.spacesAreNumberedFrom1To(MOST_PLANNED_SPACES));
const poles = oneOf([1, 2], messages.aBreakerHasOneOrTwo);

export const plannedBreaker = z
  .object({
    id: givenId,
    space,
    poles,
    half: z.enum(HALVES, 'The half must be upper, lower, inner or outer.').nullable().default(null),
    movable: z.boolean().describe('false if it is tied, shares a neutral, or its conductors end here'),
    narrowable: z.boolean().describe('true if a half-size breaker of its type is made for this panel'),
  })
  .refine(
    ({ half, poles: count }) => half === null || (count === 1) === (half === 'upper' || half === 'lower'),
    {
      path: ['half'],
      message: messages.aOnePoleHalfSizeBreaker,
    },
  );
export type PlannedBreaker = z.output<typeof plannedBreaker>;

export const spacePlanInput = z
  .object({
    spaces: space
      .min(2, messages.aPanelHasAtLeastTwo)
      .refine((count) => count % 2 === 0, messages.aPanelHasAnEvenNumber),
    splitAt: space.nullable().default(null).describe('first space of the lower section of a split bus'),
    narrowSpaces: z
      .array(space)
      .max(MOST_PLANNED_SPACES)
      .nullable()
      .describe('spaces where the label allows half-size breakers; null if the label was not read'),
    quadSpaces: z
      .array(space)
      .max(MOST_PLANNED_SPACES)
      .nullable()
      .default(null)
      .describe('upper space of each pair where the label lists a quad; null: no quads'),
    blocked: z.array(space).max(MOST_PLANNED_SPACES).default([]).describe('spaces that are never used'),
    breakers: z
      .array(plannedBreaker)
      .max(2 * MOST_PLANNED_SPACES, messages.thisManyBreakersDoNotFit)
      .superRefine(noRepeatedIds),
    want: z.object({
      poles,
      section: z.enum(['upper', 'lower'], 'The section must be upper or lower.').optional(),
      places: z
        .array(space)
        .min(1, messages.nameAtLeastOneSpaceOr)
        .max(MOST_PLANNED_SPACES)
        .optional()
        .describe('only at one of these spaces, such as those an interlock reaches'),
    }),
    maxCost: z
      .int(messages.theMaximumCostMustBeA)
      .min(0, messages.theMaximumCostMustBeFrom)
      .max(100, messages.theMaximumCostMustBeFrom)
      .default(8),
  })
  .superRefine(({ spaces, splitAt, narrowSpaces, quadSpaces, blocked, breakers, want }, context) => {
    const no = (path: PropertyKey[], message: string) => context.addIssue({ code: 'custom', path, message });
    if (want.section !== undefined && splitAt === null)
      no(['want', 'section'], messages.onlyASplitBusHasSections);
    const beyond = messages.thisPanelHasSpaces1To(spaces);
    if (splitAt !== null && splitAt > spaces) no(['splitAt'], beyond);
    for (const [list, numbers] of Object.entries({ narrowSpaces: narrowSpaces ?? [], blocked }))
      numbers.forEach((one, i) => {
        if (one > spaces) no([list, i], beyond);
      });
    quadSpaces?.forEach((upper, i) => {
      if (spacesOf({ space: upper, poles: 2 }).some((one) => one > spaces)) no(['quadSpaces', i], beyond);
    });
    const taken = new Set<string>();
    breakers.forEach((breaker, i) => {
      if (spacesOf(breaker).some((one) => one > spaces)) no(['breakers', i, 'space'], beyond);
      const slots = slotsOf(breaker).map((slot) => `${slot.space} ${slot.part}`);
      if (slots.some((slot) => taken.has(slot)))
        no(['breakers', i, 'space'], messages.spaceIsUsedTwice(breaker.space));
      for (const slot of slots) taken.add(slot);
    });
  });
export type SpacePlanInput = z.input<typeof spacePlanInput>;
export type SpaceQuestion = z.output<typeof spacePlanInput>;

const half = z.enum(HALVES).nullable();

export const spacePlanOutput = z.object({
  possible: z.boolean(),
  cost: z
    .int()
    .nullable()
    .describe('1 for each breaker moved, 2 for each breaker replaced with a tandem or a quad'),
  steps: z.array(
    z.object({
      id: z.string(),
      to: z.object({ space: z.int(), half }),
      as: z.enum(['move', 'narrow', 'quad']),
    }),
  ),
  place: z.object({ space: z.int(), half }).nullable(),
  via: z.enum(['free', 'moves', 'narrow', 'quad', 'none']),
});
export type SpacePlan = z.infer<typeof spacePlanOutput>;
