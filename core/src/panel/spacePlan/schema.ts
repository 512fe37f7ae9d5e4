import { z } from 'zod';
import { givenId, noRepeatedIds, oneOf } from '../../facts/quantities/index.ts';
import { HALVES, slotsOf, spacesOf } from '../layout/index.ts';

/** Panels of more spaces than this are planned by hand. */
export const MOST_PLANNED_SPACES = 42;

const space = z
  .int('A space is a whole number.')
  .min(1, `Spaces are numbered from 1 to ${MOST_PLANNED_SPACES}.`)
  .max(MOST_PLANNED_SPACES, `Spaces are numbered from 1 to ${MOST_PLANNED_SPACES}.`);
const poles = oneOf([1, 2], 'A breaker has one pole or two.');

export const plannedBreaker = z
  .object({
    id: givenId,
    space,
    poles,
    half: z.enum(HALVES, 'The half must be upper, lower, inner or outer.').nullable().default(null),
    movable: z.boolean().describe('not: it is tied, shares a neutral, or its conductors end here'),
    narrowable: z.boolean().describe('a narrow unit of its kind is made for this panel'),
  })
  .refine(
    ({ half, poles: count }) => half === null || (count === 1) === (half === 'upper' || half === 'lower'),
    {
      path: ['half'],
      message: 'A narrow one-pole breaker is upper or lower; a two-pole one in a quad is inner or outer.',
    },
  );
export type PlannedBreaker = z.output<typeof plannedBreaker>;

export const spacePlanInput = z
  .object({
    spaces: space
      .min(2, 'A panel has two spaces at least.')
      .refine((count) => count % 2 === 0, 'A panel has an even number of spaces.'),
    splitAt: space.nullable().default(null).describe('first space of the lower section of a split bus'),
    narrowSpaces: z
      .array(space)
      .max(MOST_PLANNED_SPACES)
      .nullable()
      .describe('spaces whose label allows narrow units; null: the label was not read'),
    blocked: z.array(space).max(MOST_PLANNED_SPACES).default([]).describe('spaces that are never used'),
    breakers: z
      .array(plannedBreaker)
      .max(2 * MOST_PLANNED_SPACES, 'So many breakers do not fit.')
      .superRefine(noRepeatedIds),
    want: z.object({
      poles,
      section: z.enum(['upper', 'lower'], 'The section is upper or lower.').optional(),
      places: z
        .array(space)
        .min(1, 'Name one place at least, or none at all.')
        .max(MOST_PLANNED_SPACES)
        .optional()
        .describe('only at one of these spaces, such as those an interlock’s plate reaches'),
    }),
    maxCost: z
      .int('The most it may cost is a whole number.')
      .min(0, 'The most it may cost is from 0 to 100.')
      .max(100, 'The most it may cost is from 0 to 100.')
      .default(8),
  })
  .superRefine(({ spaces, splitAt, narrowSpaces, blocked, breakers, want }, context) => {
    const no = (path: PropertyKey[], message: string) => context.addIssue({ code: 'custom', path, message });
    if (want.section !== undefined && splitAt === null)
      no(['want', 'section'], 'Only a split bus has sections.');
    const beyond = `This panel has spaces 1 to ${spaces}.`;
    if (splitAt !== null && splitAt > spaces) no(['splitAt'], beyond);
    for (const [list, numbers] of Object.entries({ narrowSpaces: narrowSpaces ?? [], blocked }))
      numbers.forEach((one, i) => {
        if (one > spaces) no([list, i], beyond);
      });
    const taken = new Set<string>();
    breakers.forEach((breaker, i) => {
      if (spacesOf(breaker).some((one) => one > spaces)) no(['breakers', i, 'space'], beyond);
      const slots = slotsOf(breaker).map((slot) => `${slot.space} ${slot.part}`);
      if (slots.some((slot) => taken.has(slot)))
        no(['breakers', i, 'space'], `Space ${breaker.space} is taken twice.`);
      for (const slot of slots) taken.add(slot);
    });
  });
export type SpacePlanInput = z.input<typeof spacePlanInput>;
export type SpaceQuestion = z.output<typeof spacePlanInput>;

const narrowHalf = z.enum(['upper', 'lower']);

export const spacePlanOutput = z.object({
  possible: z.boolean(),
  cost: z.int().nullable().describe('1 for each breaker moved, 2 for each exchanged for a narrow unit'),
  steps: z.array(
    z.object({
      id: z.string(),
      to: z.object({ space: z.int(), half: narrowHalf.nullable() }),
      as: z.enum(['move', 'narrow']),
    }),
  ),
  place: z.object({ space: z.int(), half: narrowHalf.nullable() }).nullable(),
  via: z.enum(['free', 'moves', 'narrow', 'none']),
});
export type SpacePlan = z.infer<typeof spacePlanOutput>;
