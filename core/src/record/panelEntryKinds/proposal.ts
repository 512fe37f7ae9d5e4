import { z } from 'zod';
import { isPlainText, metres, name, NOT_PLAIN, oneOf, ratingAmps } from '../../facts/quantities/index.ts';
import { ampacity, conductor, largestBreaker, sayConductor } from '../../code/sizing/index.ts';
import { BREAKER_KINDS, HALVES } from '../../panel/layout/index.ts';
import { id } from '../entities/index.ts';
import { panelEntryKind, namedInEach } from './panelEntryKind.ts';
import * as messages from './messages.ts';

const place = z.strictObject({
  space: z.int(messages.theSpaceMustBeAWhole).min(1).max(84),
  half: z.enum(HALVES).nullable().default(null),
});

/** In cool air, alone, on the better terminals: more than here it carries nowhere. */
const AT_BEST = { terminalC: 75, ambientC: 10, currentCarrying: 2 } as const;

/** What might be done: a breaker, where it goes, what moves for it, its conductor. It is planned, and never a fact. */
export const proposal = panelEntryKind({
  name: messages.proposal,
  fields: z
    .strictObject({
      title: name(messages.theProposalName).describe('purpose, such as the circuit name'),
      breakerId: id.nullable().default(null).describe('breaker it is about; null for a new one'),
      removedBreakerId: id
        .optional()
        .describe('breaker that was removed on a visit, whose circuit waits for a new one'),
      poles: oneOf([1, 2], messages.aBreakerHasOneOrTwo),
      ratingAmps,
      kind: z.enum(BREAKER_KINDS).default('standard'),
      place: place.nullable().default(null).describe('null for its present space'),
      steps: z
        .array(z.strictObject({ breakerId: id, to: place, as: z.enum(['move', 'narrow', 'quad']) }))
        .max(42)
        .default([])
        .describe('breakers that move first, in this order'),
      conductor: conductor.nullable().default(null),
      lengthM: metres.nullable().default(null),
      reasons: z
        .array(z.string().trim().max(400).refine(isPlainText, NOT_PLAIN))
        .max(20, messages.enterAtMost20Reasons)
        .default([]),
    })
    .superRefine(({ conductor: planned, ratingAmps: amps }, context) => {
      if (planned === null) return;
      const most = largestBreaker(planned, ampacity({ conductor: planned, ...AT_BEST }), false);
      if (amps > most)
        context.addIssue({
          code: 'custom',
          path: ['ratingAmps'],
          message: messages.mustNeverHaveABreakerLarger(sayConductor(planned), most),
        });
    }),
  attachment: null,
  refuses: () => null,
  say: ({ title }) => messages.planned(title),
  breakers: ({ breakerId, removedBreakerId, steps }) => [
    ...(breakerId === null ? [] : [{ path: ['content', 'breakerId'], breakerId }]),
    ...(removedBreakerId === undefined
      ? []
      : [{ path: ['content', 'removedBreakerId'], breakerId: removedBreakerId }]),
    ...namedInEach('steps', steps),
  ],
});
export type Proposal = z.output<typeof proposal.fields>;
