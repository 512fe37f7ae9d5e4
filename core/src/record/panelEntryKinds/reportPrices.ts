import { z } from 'zod';
import { isPlainText, NOT_PLAIN, counted } from '../../facts/quantities/index.ts';
import { electriciansOnly, panelEntryKind } from './panelEntryKind.ts';
import * as messages from './messages.ts';

/** In which a price may be. */
export const CURRENCIES = ['USD', 'CAD', 'AUD', 'NZD', 'EUR', 'GBP', 'CHF', 'MXN'] as const;
export type Currency = (typeof CURRENCIES)[number];

/** So much at most, in any currency. */
export const MOST_PRICE = 1_000_000;

/** What an electrician asks for what was found, and writes to the customer; the latest holds. */
export const reportPrices = panelEntryKind({
  name: messages.reportPrices,
  fields: z.strictObject({
    currency: z.enum(CURRENCIES, `The currency must be one of: ${CURRENCIES.join(', ')}.`).default('USD'),
    prices: z
      .array(
        z.strictObject({
          finding: z.string().trim().min(1).max(160).refine(isPlainText, NOT_PLAIN).describe('its key'),
          headline: z
            .string()
            .trim()
            .max(400)
            .refine(isPlainText, NOT_PLAIN)
            .describe('the finding: a price applies while the finding is unchanged'),
          amount: z
            .number(messages.thePriceMustBeANumber)
            .min(0, messages.thePriceMustBeFrom0)
            .max(MOST_PRICE, messages.thePriceMustBeFrom0),
        }),
      )
      .max(200, messages.enterAtMost200Prices),
    remark: z
      .string()
      .trim()
      .max(2000, messages.aRemarkCanHaveAtMost)
      .refine(isPlainText, NOT_PLAIN)
      .default(''),
  }),
  attachment: null,
  refuses: electriciansOnly,
  say: ({ prices }) => counted(prices.length, 'price', 'prices'),
});
export type ReportPrices = z.output<typeof reportPrices.fields>;
