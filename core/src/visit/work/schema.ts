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
import { taskKind, WORKS } from './taskKinds.ts';
import { NEUTRALS, SOURCE_KINDS } from './workKinds.ts';
import * as messages from './messages.ts';

const space = z.int(messages.theSpaceMustBeAWhole).min(1).max(84);

export const visitTask = z.strictObject({
  id: givenId.describe('id of the breaker or space to work on'),
  work: z.enum(WORKS),
  breakerId: z.uuid().toLowerCase().nullable().describe('breaker that is there now; null if none'),
  partId: z.uuid().toLowerCase().nullable().describe('id of the breaker to install; null if none'),
  label: name(messages.theCircuitName),
  space: space.describe('the space it is at; 1 for a task at the panel as a whole'),
  half: z.enum(HALVES).nullable().default(null),
  from: space.nullable().default(null).describe('for a move: the space it leaves'),
  poles: oneOf([1, 2], messages.aBreakerHasOneOrTwo),
  ratingAmps: ratingAmps.describe('rating of the breaker that is there at the end, A'),
  kind: z.enum(BREAKER_KINDS).default('standard'),
  family: line(messages.breakerFamily, 60).default(''),
  neutral: z.enum(NEUTRALS).default('none'),
  conductor: conductor.nullable().default(null).describe('null if not known'),
  receptacles: z
    .boolean()
    .default(true)
    .describe('true if its circuit has outlets that take a plug-in tester'),
  proposalId: z.uuid().toLowerCase().nullable().default(null).describe('proposal that this task carries out'),
  why: line(messages.aReason, 400).default(''),
});
export type VisitTask = z.output<typeof visitTask>;

/** A visit as it is planned: one shutdown of one panel, and everything that is done in it. */
export const visitPlan = z
  .strictObject({
    tasks: z.array(visitTask).min(1, messages.chooseAtLeastOneTask).max(20, messages.aVisitCanHaveAtMost),
    sources: z
      .array(z.strictObject({ id: givenId, kind: z.enum(SOURCE_KINDS) }))
      .max(8, messages.enterAtMost8OtherSources)
      .default([])
      .describe('sources that may feed the panel from its load side; each is shut off and locked out'),
    within: z
      .uuid()
      .toLowerCase()
      .optional()
      .describe('visit whose shutdown it shares: it begins once that panel is locked out'),
    off: line(messages.deEnergizedAt, 160).describe(
      'what de-energizes the panel: its main, or the breaker that feeds it',
    ),
    holes: z.array(space).max(84).default([]).describe('open slots to fill before the cover goes on'),
    plannedFor: z.iso.datetime().nullable().default(null),
    minutes: z
      .number(messages.minutesMustBeANumber)
      .min(1, messages.aVisitTakesAtLeast1)
      .max(1440, messages.aVisitTakesAtMost1)
      .describe('expected outage, min'),
    dependents: z.array(line(messages.aName, 120)).max(12).default([]).describe('critical loads'),
    who: line(messages.aName, 80).default('').describe('person who does the work, for the tag'),
    phone: line(messages.aPhoneNumber, 40).default(''),
    permit: line(messages.aPermit, 80)
      .default('')
      .describe('permit number; empty if none is needed or known'),
    meterPulled: z.boolean().default(false).describe('true if the utility pulls the meter for this visit'),
  })
  .superRefine(({ tasks, sources }, context) => {
    noIdInTwo({ tasks, sources }, context);
    const parts = tasks.map(({ partId }) => partId);
    parts.forEach((partId, i) => {
      if (partId !== null && parts.indexOf(partId) < i)
        context.addIssue({
          code: 'custom',
          path: ['tasks', i, 'partId'],
          message: messages.giveEachBreakerToInstallIts,
        });
    });
    tasks.forEach(({ id, work, breakerId, partId, from }, i) => {
      const no = (field: string, message: string) =>
        context.addIssue({ code: 'custom', path: ['tasks', i, field], message });
      if (id === MAIN) no('id', messages.theMainCannotBeWorkedOn);
      const { drawing, isOfPanel = false } = taskKind(work);
      if ((breakerId === null) !== (drawing === 'installed' || isOfPanel))
        no('breakerId', messages.nameTheExistingBreakerANew);
      if ((partId === null) !== (drawing === 'moved' || drawing === 'same'))
        no('partId', messages.aTaskThatInstallsABreaker);
      if ((from === null) !== (drawing !== 'moved')) no('from', messages.nameTheSpaceThatTheBreaker);
    });
  });
export type VisitPlan = z.output<typeof visitPlan>;

/** Of a terminal’s screw, lb·in. */
export const torqueLbIn = z
  .number(messages.theTorqueMustBeANumber)
  .min(1, messages.theTorqueMustBeFrom1)
  .max(600, messages.theTorqueMustBeFrom1);

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
    surfaceC: surfaceC.describe('breaker face temperature, °C'),
    ambientC: surfaceC.describe('ambient temperature, °C'),
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
    torqueLbIn: torqueLbIn.nullable().default(null).describe('torque as marked and set, lb·in'),
  }),
  z.object({
    is: z.literal('found'),
    id: givenId.describe('id of the task; “main” for the panel itself'),
    trouble: z.enum(REPORTED),
  }),
  z.object({
    is: z.literal('changed'),
    id: givenId,
    way: z.enum(WAYS),
    space: space.nullable().default(null).describe('number of the other space'),
    ratingAmps: ratingAmps.nullable().default(null).describe('rating of the smaller breaker, A'),
  }),
  proof,
  z.object({ is: z.literal('paused') }),
  z
    .object({ is: z.literal('taken-back') })
    .describe('true if the step before was entered by mistake; both stay on record'),
  z.object({ is: z.literal('finished') }),
]);
export type VisitFact = z.output<typeof visitFact>;
