import { z } from 'zod';
import { SIZING_RULES } from '../sizing/index.ts';

const trials = z
  .int('Trials are a whole number.')
  .min(1, 'One trial at least.')
  .max(3, 'Three trials at most.');

/** Questions on which tradespeople disagree, as this record answers them. */
export const schools = z.object({
  loading: z
    .enum(SIZING_RULES)
    .describe('125 % of continuous load plus the rest (split), or everything within 80 % of the rating'),
  trialsIntoShort: trials.describe('resets into a suspected short before stopping'),
  trialsOtherwise: trials.describe('resets before stopping where no short is suspected'),
});
export type Schools = z.infer<typeof schools>;

/**
 * The defaults. The split rule is the code’s own (NEC 210.20); one trial into a suspected short, since every
 * trip into a dead short pits the contacts, two otherwise, since most failed resets never reached off.
 */
export const DEFAULT_SCHOOLS: Schools = { loading: 'split', trialsIntoShort: 1, trialsOtherwise: 2 };
