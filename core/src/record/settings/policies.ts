import { z } from 'zod';
import { SIZING_RULES } from '../../code/sizing/index.ts';

const trials = z
  .int('Trials are a whole number.')
  .min(1, 'One trial at least.')
  .max(3, 'Three trials at most.');

/** When a breaker that cleared dead shorts is replaced. */
export const AFTER_DEAD_SHORT = ['each', 'second', 'signs'] as const;
export type AfterDeadShort = (typeof AFTER_DEAD_SHORT)[number];

/** Questions on which tradespeople disagree, as this record answers them. */
export const policies = z.object({
  loading: z
    .enum(SIZING_RULES)
    .describe('125 % of continuous load plus the rest (split), or everything within 80 % of the rating'),
  trialsIntoShort: trials.describe('resets into a suspected short before stopping'),
  trialsOtherwise: trials.describe('resets before stopping where no short is suspected'),
  afterDeadShort: z
    .enum(AFTER_DEAD_SHORT)
    .describe('replace a breaker after each dead short, after the second, or only on signs of wear'),
});
export type Policies = z.infer<typeof policies>;
