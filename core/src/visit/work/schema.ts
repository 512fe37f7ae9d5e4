import { z } from 'zod';
import {
  amps,
  givenId,
  line,
  name,
  noIdInTwo,
  oneOf,
  ratingAmps,
  surfaceC,
  volts,
} from '../../facts/quantities/index.ts';
import { conductor } from '../../code/sizing/index.ts';
import { BREAKER_KINDS, HALVES } from '../../panel/layout/index.ts';
import { gateFacts, MAIN } from '../gates/index.ts';
import { STEPS } from './stepIds.ts';
import { REPORTED, WAYS } from './troubleIds.ts';

/** So many things happen on a visit at most. */
export const MOST_VISIT_FACTS = 400;

/** What may be done to a place with the panel dead. */
export const WORKS = ['replace', 'new-breaker', 'move', 'remake-joint'] as const;
export type WorkType = (typeof WORKS)[number];

/** How a breaker’s own neutral is connected: not at all, by a pigtail to the bar, or by sitting on the bar. */
export const NEUTRALS = ['none', 'pigtail', 'plug-on'] as const;

/** Other sources that may feed a panel from its load side. */
export const SOURCE_KINDS = ['solar', 'battery', 'generator', 'vehicle'] as const;
export type SourceKind = (typeof SOURCE_KINDS)[number];

const space = z.int('A space is a whole number.').min(1).max(84);

export const visitTask = z.strictObject({
  id: givenId.describe('of the place that is worked on'),
  work: z.enum(WORKS),
  breakerId: z.uuid().toLowerCase().nullable().describe('the part that is there; null: none yet'),
  partId: z
    .uuid()
    .toLowerCase()
    .nullable()
    .describe('the id that the part which goes in will have; null: none goes in'),
  label: name('The circuit’s name'),
  space,
  half: z.enum(HALVES).nullable().default(null),
  from: space.nullable().default(null).describe('of a move: the space it leaves'),
  poles: oneOf([1, 2], 'A breaker has one pole or two.'),
  ratingAmps: ratingAmps.describe('of the part that is in at the end, A'),
  kind: z.enum(BREAKER_KINDS).default('standard'),
  family: line('A part family', 60).default(''),
  neutral: z.enum(NEUTRALS).default('none'),
  conductor: conductor.nullable().default(null).describe('null: not known'),
  receptacles: z.boolean().default(true).describe('its circuit has outlets a tester can be plugged into'),
  proposalId: z.uuid().toLowerCase().nullable().default(null).describe('the proposal it carries out'),
  why: line('A reason', 400).default(''),
});
export type VisitTask = z.output<typeof visitTask>;

/** A visit as it is planned: one shutdown of one panel, and everything that is done in it. */
export const visitPlan = z
  .strictObject({
    tasks: z
      .array(visitTask)
      .min(1, 'Choose one thing to do at least.')
      .max(20, 'At most 20 tasks in one visit.'),
    sources: z
      .array(z.strictObject({ id: givenId, kind: z.enum(SOURCE_KINDS) }))
      .max(8, 'At most 8 other sources.')
      .default([])
      .describe('what might feed the panel from its load side; each is isolated and locked'),
    off: line('What makes it dead', 160).describe(
      'what makes the panel dead: its main, or the breaker that feeds it',
    ),
    holes: z.array(space).max(84).default([]).describe('open spaces, to be filled before the cover goes on'),
    plannedFor: z.iso.datetime().nullable().default(null),
    minutes: z
      .number('Minutes must be a number.')
      .min(1, 'A visit takes a minute at least.')
      .max(1440, 'A visit takes a day at most.')
      .describe('how long the power is expected to be off, min'),
    dependents: z.array(line('A name', 120)).max(12).default([]).describe('critical loads'),
    who: line('A name', 80).default('').describe('who does it, for the tag'),
    phone: line('A phone number', 40).default(''),
    permit: line('A permit', 80).default('').describe('its number; empty: none is needed, or not known'),
    meterPulled: z.boolean().default(false).describe('the utility pulls the meter for it'),
  })
  .superRefine(({ tasks, sources }, context) => {
    noIdInTwo({ tasks, sources }, context);
    const parts = tasks.map(({ partId }) => partId);
    parts.forEach((partId, i) => {
      if (partId !== null && parts.indexOf(partId) < i)
        context.addIssue({
          code: 'custom',
          path: ['tasks', i, 'partId'],
          message: 'Give each part that is installed its own id.',
        });
    });
    tasks.forEach(({ id, work, breakerId, partId, from }, i) => {
      const no = (field: string, message: string) =>
        context.addIssue({ code: 'custom', path: ['tasks', i, field], message });
      if (id === MAIN)
        no('id', 'The main is never a place that is worked on here: its line side stays live.');
      if ((breakerId === null) !== (work === 'new-breaker'))
        no('breakerId', 'Name the breaker that is there; a new one has none.');
      if ((partId === null) !== (work === 'move' || work === 'remake-joint'))
        no('partId', 'A part that is installed needs its own id; work that installs no part has none.');
      if ((from === null) !== (work !== 'move')) no('from', 'A breaker that moves leaves a space.');
    });
  });
export type VisitPlan = z.output<typeof visitPlan>;

/** What proves the work once the power is back. */
export const PROOFS = [
  'off-output',
  'between-poles',
  'outlet-wiring',
  'test-button',
  'current',
  'temperature',
] as const;
export type ProofId = (typeof PROOFS)[number];

/** Of a terminal’s screw, lb·in. */
export const torqueLbIn = z
  .number('The torque must be a number.')
  .min(1, 'The torque must be from 1 to 600 lb·in.')
  .max(600, 'The torque must be from 1 to 600 lb·in.');

const proved = { is: z.literal('proof'), id: givenId };
const proof = z.discriminatedUnion('proof', [
  z.object({ ...proved, proof: z.literal('off-output'), volts }),
  z.object({ ...proved, proof: z.literal('between-poles'), volts }),
  z.object({
    ...proved,
    proof: z.literal('outlet-wiring'),
    outcome: z.enum(['correct', 'reversed', 'open-ground', 'open-neutral']),
  }),
  z.object({
    ...proved,
    proof: z.literal('test-button'),
    outcome: z.enum(['trips-and-resets', 'does-not-trip', 'will-not-reset']),
  }),
  z.object({ ...proved, proof: z.literal('current'), amps }),
  z.object({
    ...proved,
    proof: z.literal('temperature'),
    surfaceC: surfaceC.describe('of its face, °C'),
    ambientC: surfaceC.describe('of the air, °C'),
  }),
]);
export type Proof = z.output<typeof proof>;

/** Everything that may be told in a visit: what the gates hear, and what is done, found and proved besides. */
export const visitFact = z.discriminatedUnion('is', [
  ...gateFacts,
  z.object({
    is: z.literal('step-done'),
    id: givenId,
    step: z.enum(STEPS),
    torqueLbIn: torqueLbIn.nullable().default(null).describe('as marked and set, lb·in'),
  }),
  z.object({
    is: z.literal('found'),
    id: givenId.describe('of the task; “main”: at the panel itself'),
    trouble: z.enum(REPORTED),
  }),
  z.object({
    is: z.literal('changed'),
    id: givenId,
    way: z.enum(WAYS),
    space: space.nullable().default(null).describe('of another space'),
    ratingAmps: ratingAmps.nullable().default(null).describe('of a smaller part, A'),
  }),
  proof,
  z.object({ is: z.literal('paused') }),
  z
    .object({ is: z.literal('taken-back') })
    .describe('the step before it was told by mistake; both stay on record'),
  z.object({ is: z.literal('finished') }),
]);
export type VisitFact = z.output<typeof visitFact>;
