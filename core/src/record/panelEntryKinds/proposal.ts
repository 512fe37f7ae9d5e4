import { z } from 'zod';
import { isPlainText, metres, name, NOT_PLAIN, oneOf, ratingAmps } from '../../facts/quantities/index.ts';
import { ampacity, conductor, largestBreaker, sayConductor } from '../../code/sizing/index.ts';
import { BREAKER_KINDS } from '../../panel/layout/index.ts';
import { id } from '../entities/index.ts';
import { panelEntryKind, namedInEach } from './panelEntryKind.ts';

const place = z.strictObject({
  space: z.int('A space is a whole number.').min(1).max(84),
  half: z.enum(['upper', 'lower']).nullable().default(null),
});

/** In cool air, alone, on the better terminals: more than here it carries nowhere. */
const AT_BEST = { terminalC: 75, ambientC: 10, currentCarrying: 2 } as const;

/** What might be done: a breaker, where it goes, what moves for it, its conductor. It is planned, and never a fact. */
export const proposal = panelEntryKind({
  name: 'Proposal',
  fields: z
    .strictObject({
      title: name('The proposal’s name').describe('what it is for, such as the circuit’s name'),
      breakerId: id.nullable().default(null).describe('the breaker it is about; null: a new one'),
      poles: oneOf([1, 2], 'A breaker has one pole or two.'),
      ratingAmps,
      kind: z.enum(BREAKER_KINDS).default('standard'),
      place: place.nullable().default(null).describe('null: where it is'),
      steps: z
        .array(z.strictObject({ breakerId: id, to: place, as: z.enum(['move', 'narrow']) }))
        .max(42)
        .default([])
        .describe('what moves first, in this order'),
      conductor: conductor.nullable().default(null),
      lengthM: metres.nullable().default(null),
      reasons: z
        .array(z.string().trim().max(400).refine(isPlainText, NOT_PLAIN))
        .max(20, 'At most 20 reasons.')
        .default([]),
    })
    .superRefine(({ conductor: planned, ratingAmps: amps }, context) => {
      if (planned === null) return;
      const most = largestBreaker(planned, ampacity({ conductor: planned, ...AT_BEST }), false);
      if (amps > most)
        context.addIssue({
          code: 'custom',
          path: ['ratingAmps'],
          message: `${sayConductor(planned)} never has a breaker of more than ${most} A: the breaker protects it.`,
        });
    }),
  attachment: null,
  refuses: () => null,
  say: ({ title }) => `Planned: ${title}`,
  breakers: ({ breakerId, steps }) => [
    ...(breakerId === null ? [] : [{ path: ['content', 'breakerId'], breakerId }]),
    ...namedInEach('steps', steps),
  ],
});
export type Proposal = z.output<typeof proposal.fields>;
