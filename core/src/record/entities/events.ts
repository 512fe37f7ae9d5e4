import { z } from 'zod';
import { ambientC, amps, name, seconds } from '../../facts/quantities/index.ts';
import { TESTS } from '../../facts/vocabulary/index.ts';
import { instant, note, ownId } from './common.ts';
import { MOST_CONNECTED, PACES } from './kinds.ts';
import { origin } from './entryFields.ts';
import * as messages from './messages.ts';

/** What is known of why it tripped. */
export const CAUSE_STATES = ['unknown', 'known-present', 'known-removed'] as const;

/** Steady currents one after the other, as a logger saw them. */
export const currentHistory = z
  .array(z.strictObject({ amps, seconds }))
  .min(1, messages.aHistoryNeedsAtLeastOne)
  .max(80, messages.aHistoryCanHaveAtMost);

/** The hour before it, where a logger saw it; null: known by its figures alone. */
const history = currentHistory
  .nullable()
  .default(null)
  .describe('the hour before, as intervals of steady current');

const circumstances = {
  id: ownId,
  at: instant,
  ...origin,
  pace: z.enum(PACES).nullable().default(null),
  afterSeconds: seconds.nullable().default(null),
  amps: amps.nullable().default(null),
  preloadAmps: amps.nullable().default(null),
  ambientC: ambientC.nullable().default(null),
  unplugged: z
    .boolean()
    .default(false)
    .describe('true if everything on the circuit was unplugged or off first'),
  connected: z
    .array(name(messages.theLoadName))
    .max(MOST_CONNECTED, messages.enterAtMostLoads(MOST_CONNECTED))
    .nullable()
    .default(null)
    .describe('for a test with only these loads connected; null for no such test'),
  cause: z.enum(CAUSE_STATES).default('unknown'),
  note: note.default(''),
};

export const eventKinds = [
  z.strictObject({ kind: z.literal('trip'), ...circumstances, history }),
  z.strictObject({
    kind: z.literal('reset'),
    feel: z.enum(TESTS['reset-feel'].outcomes).nullable().default(null),
    result: z.enum(['holds', 'tripped']).nullable().default(null),
    power: z.enum(TESTS['power-after-reset'].outcomes).nullable().default(null),
    ...circumstances,
  }),
  z.strictObject({
    kind: z.literal('handle'),
    position: z.enum(['on', 'off', 'tripped']),
    id: ownId,
    at: instant,
    ...origin,
    note: note.default(''),
  }),
  z.strictObject({
    kind: z.literal('no-trip'),
    amps,
    afterSeconds: seconds.min(1, messages.itMustHaveHeldForAt),
    history,
    preloadAmps: circumstances.preloadAmps,
    ambientC: circumstances.ambientC,
    id: ownId,
    at: instant,
    ...origin,
    note: note.default(''),
  }),
] as const;

type AnyEvent =
  | { kind: 'handle' }
  | { kind: 'no-trip' }
  | Pick<z.output<(typeof eventKinds)[0]>, 'kind' | 'pace' | 'afterSeconds' | 'unplugged' | 'connected'>
  | Pick<
      z.output<(typeof eventKinds)[1]>,
      'kind' | 'pace' | 'afterSeconds' | 'unplugged' | 'connected' | 'feel' | 'result'
    >;

/** What the parts of an event must be together. */
export function checkEvent(event: AnyEvent, context: z.RefinementCtx) {
  if (event.kind === 'handle' || event.kind === 'no-trip') return;
  if (event.connected !== null && event.unplugged !== (event.connected.length === 0)) {
    context.addIssue({
      code: 'custom',
      path: ['connected'],
      message: messages.unpluggedMeansNothingIs,
    });
  }
  const tripped = event.kind === 'trip' || event.result === 'tripped';
  if (tripped && event.pace === null && event.afterSeconds === null) {
    context.addIssue({ code: 'custom', path: ['pace'], message: messages.enterHowSoonItTripped });
  }
  if (event.kind === 'reset' && event.feel === null && event.result === null) {
    context.addIssue({
      code: 'custom',
      path: ['result'],
      message: messages.enterHowItFeltOrWhether,
    });
  }
  if (event.kind === 'reset' && event.feel === 'will-not-latch' && event.result === 'holds') {
    context.addIssue({
      code: 'custom',
      path: ['result'],
      message: messages.aBreakerThatDoesNotLatch,
    });
  }
}

export const eventInput = z.discriminatedUnion('kind', eventKinds).superRefine(checkEvent);

export type EventInput = z.input<typeof eventInput>;
