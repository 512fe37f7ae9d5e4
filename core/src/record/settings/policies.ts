import { z } from 'zod';
import { SIZING_RULES } from '../../code/sizing/index.ts';
import * as messages from './messages.ts';

const trials = z
  .int(messages.theNumberOfResetsMustBe)
  .min(1, messages.enterAtLeastOneReset)
  .max(3, messages.enterAtMostThreeResets);

/** When a breaker that cleared dead shorts is replaced. */
export const AFTER_DEAD_SHORT = ['each', 'second', 'signs'] as const;
export type AfterDeadShort = (typeof AFTER_DEAD_SHORT)[number];

/** Questions on which tradespeople disagree, as this record answers them. */
export const policies = z.object({
  loading: z
    .enum(SIZING_RULES)
    .describe('125% of continuous load plus the rest (split), or total load within 80% of the rating'),
  trialsIntoShort: trials.describe('resets into a suspected short circuit before stopping'),
  trialsOtherwise: trials.describe('resets before stopping if no short circuit is suspected'),
  afterDeadShort: z
    .enum(AFTER_DEAD_SHORT)
    .describe(
      'replace a breaker after each cleared short circuit, after the second, or only on signs of wear',
    ),
});
export type Policies = z.infer<typeof policies>;
