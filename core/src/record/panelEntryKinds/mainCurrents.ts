import { z } from 'zod';
import { amps, sayQuantity } from '../../facts/quantities/index.ts';
import { LOAD_STATES } from '../entities/index.ts';
import { electriciansOnly, panelEntryKind } from './panelEntryKind.ts';
import * as messages from './messages.ts';

/** Current of both legs at the main, and of the neutral, at one moment. */
export const mainCurrentsEntry = panelEntryKind({
  name: messages.currentsAtTheMain,
  fields: z.strictObject({
    a: amps.describe('leg A at the main, A'),
    b: amps.describe('leg B at the main, A'),
    neutral: amps.nullable().default(null).describe('neutral at the main, A; null if not measured'),
    loadState: z.enum(LOAD_STATES).default('unknown'),
    sameClamp: z.boolean().default(true).describe('true if the same clamp measured the circuits'),
  }),
  attachment: null,
  refuses: electriciansOnly,
  say: ({ a, b, neutral }) =>
    messages.legsAtTheMain(
      sayQuantity(a, 'A'),
      sayQuantity(b, 'A'),
      neutral === null ? null : sayQuantity(neutral, 'A'),
    ),
});
export type MainCurrentsEntry = z.output<typeof mainCurrentsEntry.fields>;
