import { z } from 'zod';
import { amps, givenId, noRepeatedIds, oneOf, reason } from '../../facts/quantities/index.ts';
import { STANDARD_RATINGS_AMPS } from '../../facts/standards/index.ts';
import * as messages from './messages.ts';

const standardAmps = oneOf([...STANDARD_RATINGS_AMPS], messages.theRatingMustBeStandard);

/** More branch breakers than fit in the largest panel. */
const MOST_BRANCHES = 168;

export const secondSourceInput = z.object({
  busAmps: amps.positive(messages.theBusMustBeAbove0),
  mainAmps: standardAmps,
  feed: z.enum(['end', 'center'], messages.theFeedMustBe).describe('where the main feeds the bus'),
  sources: z
    .array(
      z.object({
        id: givenId,
        outputAmps: amps.describe('rated continuous output'),
        breakerAmps: standardAmps,
        position: z.enum(['opposite-end', 'other'], messages.thePositionMustBe),
      }),
    )
    .min(1, messages.nameAtLeastOneSource)
    .max(6, messages.nameAtMost6Sources)
    .superRefine(noRepeatedIds),
  branchBreakersAmps: z
    .array(standardAmps)
    .max(MOST_BRANCHES, messages.nameAtMostBranchBreakers(MOST_BRANCHES))
    .optional()
    .describe('all load breakers on this bus, without the main and the sources'),
});
export type SecondSourceInput = z.input<typeof secondSourceInput>;
export type SecondSourceQuestion = z.output<typeof secondSourceInput>;

export const BUS_RULES = ['sum', 'opposite-end', 'all-breakers'] as const;

export const secondSourceOutput = z.object({
  ok: z.boolean(),
  rules: z.array(
    z.object({
      code: z.enum(BUS_RULES),
      valueAmps: z.number().nullable(),
      limitAmps: z.number(),
      ok: z.boolean(),
      applies: z.boolean(),
    }),
  ),
  breakers: z.array(
    z.object({
      id: z.string(),
      minBreakerAmps: z.number().nullable().describe('null if above the largest standard rating'),
      ok: z.boolean(),
    }),
  ),
  reasons: z.array(reason),
});
export type SecondSource = z.infer<typeof secondSourceOutput>;
