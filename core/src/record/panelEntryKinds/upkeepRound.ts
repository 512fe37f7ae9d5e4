import { z } from 'zod';
import { dutyOf, DUTY_IDS } from '../../facts/upkeep/index.ts';
import { id } from '../entities/index.ts';
import { electriciansOnly, panelEntryKind, namedInEach } from './panelEntryKind.ts';
import { counted } from '../../facts/quantities/index.ts';
import * as messages from './messages.ts';

/** A maintenance round: each breaker with its result. */
export const upkeepRound = panelEntryKind({
  name: messages.maintenance,
  fields: z
    .strictObject({
      duty: z.enum(DUTY_IDS, 'This is not a maintenance task.'),
      results: z
        .array(
          z.strictObject({
            breakerId: id.nullable().default(null).describe('null for the panel as a whole'),
            result: z.string(),
          }),
        )
        .min(1, messages.doAtLeastOneItem)
        .max(200, messages.enterAtMost200Results),
    })
    .superRefine(({ duty, results }, context) => {
      const known = dutyOf(duty).results;
      results.forEach(({ result }, i) => {
        if (!Object.hasOwn(known, result))
          context.addIssue({
            code: 'custom',
            path: ['results', i, 'result'],
            message: messages.theResultMustBeOneOf(Object.keys(known).join(', ')),
          });
      });
    }),
  attachment: null,
  refuses: (profile, { duty }) => (dutyOf(duty).behindCover ? electriciansOnly(profile) : null),
  say: ({ duty, results }) => `${dutyOf(duty).name}: ${counted(results.length, 'thing', 'things')}`,
  breakers: ({ results }) => namedInEach('results', results),
});
export type UpkeepRound = z.output<typeof upkeepRound.fields>;
