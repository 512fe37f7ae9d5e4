import { z } from 'zod';
import { line, uncapital } from '../../facts/quantities/index.ts';
import { id } from '../entities/index.ts';
import { panelEntryKind } from './panelEntryKind.ts';
import { PERMIT_INSPECTIONS, PERMIT_NEEDS } from './permitStatus.ts';
import { PERMIT_INSPECTION_WORDS, PERMIT_NEED_WORDS } from './permitWords.ts';
import * as messages from './messages.ts';

/** The permit of a visit, as it stands now: the latest entry counts. */
export const permit = panelEntryKind({
  name: messages.permit,
  fields: z
    .strictObject({
      visitId: id,
      need: z.enum(PERMIT_NEEDS, messages.chooseIfAPermitIsNeeded),
      number: line(messages.aPermitNumber, 40).default(''),
      inspection: z.enum(PERMIT_INSPECTIONS, messages.chooseHowTheInspectionStands).default('not-booked'),
      bookedFor: z.iso.date(messages.enterTheDateOfTheInspection).nullable().default(null),
      corrections: z
        .array(line(messages.aCorrection, 200).refine((text) => text !== '', messages.describeTheCorrection))
        .max(20, messages.enterAtMost20Corrections)
        .default([])
        .describe('what the inspector wants corrected'),
    })
    .superRefine(({ need, inspection, bookedFor, corrections }, context) => {
      const no = (path: string, message: string) =>
        context.addIssue({ code: 'custom', path: [path], message });
      if (need !== 'needed' && inspection !== 'not-booked')
        no('inspection', messages.noInspectionWithoutAPermit);
      if (inspection === 'booked' && bookedFor === null)
        no('bookedFor', messages.enterTheDateOfTheInspection);
      if (inspection === 'failed' && corrections.length === 0)
        no('corrections', messages.enterTheCorrections);
      if (inspection !== 'failed' && corrections.length > 0)
        no('corrections', messages.correctionsFollowAFailedInspection);
    }),
  attachment: null,
  refuses: () => null,
  say: ({ need, number, inspection }) =>
    need === 'needed'
      ? messages.permitSays(number, uncapital(PERMIT_INSPECTION_WORDS[inspection]))
      : PERMIT_NEED_WORDS[need],
});
export type Permit = z.output<typeof permit.fields>;
