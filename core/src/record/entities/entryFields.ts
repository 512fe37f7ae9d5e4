import { z } from 'zod';
import { id, instant, who } from './common.ts';

/** Where an entry comes from, besides from a person at the panel. */
export const origin = {
  caseId: id.nullable().default(null).describe('case in which it was found'),
  simulated: z
    .boolean()
    .default(false)
    .describe('true if it comes from simulated answers, not from a meter or a person'),
};

/** What every entry on record carries, besides what was logged. */
export const kept = {
  id,
  breakerId: id,
  at: instant,
  loggedAt: instant,
  who,
  note: z.string(),
  struck: z.object({ at: instant, why: z.string(), replacedBy: id.nullable() }).nullable(),
};

/** What every entry carries in a file. */
export const rowFields = { id, breakerId: id, loggedAt: instant, who };
