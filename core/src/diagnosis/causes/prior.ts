import { TIME_LIMITS } from '../../facts/limits/index.ts';
import { z } from 'zod';
import { oneOf } from '../../facts/quantities/index.ts';
import { COMPLAINTS, type CauseId, type Complaint } from '../../facts/vocabulary/index.ts';
import { CAUSE_FACTS } from '../causeFacts/index.ts';
import { CAUSE_IDS } from './hypotheses.ts';

/** What is known of the breaker before anything is looked at. */
export const context = z.object({
  breakerKind: z.enum(['standard', 'gfci', 'afci', 'dual']).optional(),
  poles: oneOf([1, 2]).optional(),
  ageYears: z
    .number()
    .min(0, 'The age must be from 0 to 120 years.')
    .max(120, 'The age must be from 0 to 120 years.')
    .optional(),
  newlyFitted: z.boolean().optional(),
  pluggable: z
    .boolean()
    .optional()
    .describe('whether anything can be plugged in; false: its loads are wired in'),
  tripped: z.boolean().optional().describe('whether it ever tripped, as far as is known'),
  complaint: z.enum(COMPLAINTS).optional().describe('the complaint'),
  causeRemoved: z.boolean().optional().describe('whether the cause of the last trip was found and removed'),
  overloadAtTrip: z
    .boolean()
    .optional()
    .describe('whether it carried more than it may when it last tripped, by the current on record'),
  byTrips: z
    .enum(['weak', 'sound', 'sluggish', 'undetermined'])
    .optional()
    .describe('what the trips and holds on record say about the breaker'),
  deadShorts: z
    .int()
    .min(0, 'The number of short circuits cannot be negative.')
    .max(100, 'Enter at most 100 short circuits.')
    .optional()
    .describe('short circuits that the breaker has cleared'),
});
export type PriorContext = z.infer<typeof context>;

/** By how much a cause is commoner, or rarer, than in the table; and why. */
type Shift = readonly [cause: CauseId, times: number, why: string];

const BY_KIND: Record<NonNullable<PriorContext['breakerKind']>, readonly Shift[]> = {
  standard: [
    ['electronic-unit-fault', 0.01, 'A standard breaker has no electronics.'],
    ['miswired-protected-unit', 0.01, 'A standard breaker has no neutral terminal.'],
    ['ground-leakage', 0.05, 'A standard breaker does not detect leakage.'],
    ['neutral-ground-fault', 0.02, 'A standard breaker does not monitor the neutral.'],
  ],
  gfci: [
    ['ground-leakage', 4, 'It opens on leakage.'],
    ['electronic-unit-fault', 3, 'Electronics age.'],
    ['miswired-protected-unit', 2, 'It needs its circuit’s neutral.'],
    ['moisture', 1.3, 'It opens on damp that others bear.'],
    ['neutral-ground-fault', 4, 'It watches its neutral.'],
  ],
  afci: [
    ['arcing-connection', 3.5, 'It opens on arcs.'],
    ['electronic-unit-fault', 4, 'Electronics age, and it is easily fooled.'],
    ['miswired-protected-unit', 2, 'It needs its circuit’s neutral.'],
    ['ground-leakage', 0.7, 'It sees little leakage.'],
    ['neutral-ground-fault', 0.5, 'It sees little leakage.'],
  ],
  dual: [
    ['ground-leakage', 3, 'It opens on leakage.'],
    ['arcing-connection', 3, 'It opens on arcs.'],
    ['neutral-ground-fault', 4, 'It watches its neutral.'],
    ['electronic-unit-fault', 4, 'Electronics age.'],
    ['miswired-protected-unit', 2, 'It needs its circuit’s neutral.'],
  ],
};

const WHEN_OLD: readonly Shift[] = [
  ['weak-breaker', 2, 'Age weakens bimetals.'],
  ['worn-mechanism', 2, 'Age wears latches.'],
  ['open-breaker', 1.6, 'Age burns contacts.'],
  ['stuck-breaker', 2, 'What is never moved seizes.'],
  ['burnt-stab', 1.5, 'Clips tire.'],
  ['bus-failing', 1.8, 'Lugs loosen.'],
  ['loose-terminal', 1.3, 'Screws settle.'],
];

const WHEN_YOUNG: readonly Shift[] = [
  ['weak-breaker', 0.4, 'It is young.'],
  ['worn-mechanism', 0.4, 'It is young.'],
  ['open-breaker', 0.5, 'It is young.'],
  ['stuck-breaker', 0.4, 'It is young.'],
  ['bus-failing', 0.6, 'It is young.'],
];

const WHEN_NEW: readonly Shift[] = [
  ['miswired-protected-unit', 14, 'It has just been wired.'],
  ['wrong-part', 4, 'It has just been chosen.'],
  ['loose-terminal', 2, 'Its screw has just been turned.'],
  ['weak-breaker', 0.2, 'It is new.'],
  ['worn-mechanism', 0.2, 'It is new.'],
  ['stuck-breaker', 0.2, 'It is new.'],
];

const WITH_TWO_POLES: readonly Shift[] = [
  ['incomplete-reset', 1.2, 'One half of a pair can stay down.'],
  ['downstream-device-tripped', 0.1, 'A dryer or a range is hardly ever wired behind a GFCI outlet.'],
  ['shared-neutral-open', 1.5, 'A handle-tied pair often shares a neutral.'],
];

/** For each short circuit that the breaker has cleared, up to three. */
const PER_SHORT: readonly Shift[] = [
  ['weak-breaker', 1.5, 'Clearing a short circuit weakens the bimetal.'],
  ['open-breaker', 1.6, 'Clearing a short circuit burns the contacts.'],
  ['stuck-breaker', 1.4, 'Clearing a short circuit can weld the contacts.'],
  ['worn-mechanism', 1.3, 'Clearing a short circuit wears the latch.'],
];
const MOST_SHORTS = 3;

/** The complaint, where it says more than the looks that it stands for. */
const BY_COMPLAINT: Partial<Record<Complaint, readonly Shift[]>> = {
  check: [['no-fault', 6, 'Nobody noticed anything.']],
  trips: [
    ['supply-outage', 0.05, 'It is one breaker that opens.'],
    ['supply-leg-lost', 0.05, 'It is one breaker that opens.'],
    ['main-breaker-fault', 0.2, 'It is one breaker that opens.'],
    ['upstream-open', 0.2, 'It is this breaker that opens.'],
    ['downstream-device-tripped', 0.2, 'It is this breaker that opens.'],
    ['device-failed', 0.05, 'A dead lamp trips nothing.'],
    ['open-wiring', 0.4, 'An open wire trips nothing.'],
    ['open-breaker', 0.5, 'A breaker that no longer closes has nothing to trip.'],
  ],
};

/** It has tripped: what trips nothing is not what is complained of. */
const HAS_TRIPPED: readonly Shift[] = [
  ['no-fault', 0.25, 'Something threw it.'],
  ['upstream-open', 0.25, 'It was the one ahead that opened.'],
  ['main-breaker-fault', 0.3, 'It was the main.'],
  ['oversized-breaker', 0.2, 'Too large a breaker trips too seldom, not too often.'],
  ['stuck-breaker', 0.15, 'What does not open has not tripped.'],
  ['open-breaker', 0.6, 'Burnt contacts trip nothing; what tripped it may have burnt them.'],
  ['open-wiring', 0.35, 'An open wire trips nothing.'],
  ['device-failed', 0.2, 'A dead lamp trips nothing.'],
  ['wrong-breaker', 0.2, 'Another breaker’s circuit trips nothing here.'],
  ['backfeed', 0.25, 'What feeds in seldom trips anything.'],
  ['open-neutral', 0.25, 'A lost neutral trips nothing.'],
  ['shared-neutral-open', 0.25, 'A lost neutral trips nothing.'],
  ['supply-leg-lost', 0.3, 'A lost leg trips nothing.'],
  ['supply-outage', 0.3, 'An outage trips nothing.'],
  ['downstream-device-tripped', 0.4, 'It was the other device that opened.'],
  ['shared-terminal', 0.6, 'Two circuits on one breaker need not overload it.'],
  ['wrong-part', 0.6, 'A part that does not fit is known by its heat.'],
  ['burnt-stab', 0.7, 'A burnt joint is known by its heat, or by nothing coming through.'],
  ['moisture', 0.7, 'Rust is seen, and trips seldom.'],
];
/** Nobody saw it trip: what is known by tripping is not what is complained of. */
const NEVER_TRIPPED: readonly Shift[] = [
  ['overload', 0.25, 'Too much load for long would have tripped it.'],
  ['appliance-fault', 0.15, 'A short would have tripped it.'],
  ['wiring-short', 0.1, 'A short would have tripped it.'],
  ['ground-leakage', 0.15, 'A GFCI or AFCI breaker would have opened.'],
  ['electronic-unit-fault', 0.2, 'It is known by tripping for nothing.'],
  ['weak-breaker', 0.15, 'It is known by tripping too early.'],
  ['worn-mechanism', 0.4, 'It is known by not staying on.'],
  ['motor-inrush', 0.4, 'The surge only dims the lights.'],
  ['hot-surroundings', 0.15, 'It is known by tripping in the heat.'],
  ['undersized-breaker', 0.2, 'It is known by tripping.'],
  ['incomplete-reset', 0.5, 'What was never open needs no reset.'],
  ['miswired-protected-unit', 0.1, 'It trips with the first load.'],
  ['neutral-ground-fault', 0.1, 'It trips as it is closed.'],
];

/** The cause of the last trip was found and removed. */
const CAUSE_REMOVED: readonly Shift[] = [['no-fault', 40, 'What tripped it is gone.']];

/** The current at the trip was measured, and was more than the breaker may carry. */
const OVERLOAD_AT_TRIP: readonly Shift[] = [
  ['overload', 10, 'It carried too much when it tripped.'],
  ['undersized-breaker', 3, 'It carried too much when it tripped.'],
  ['shared-terminal', 2, 'Two circuits on one breaker carry more.'],
];

/** A circuit of one appliance that is wired in. */
const WITHOUT_PLUGS: readonly Shift[] = [
  ['overload', 0.25, 'Nobody plugs anything in: its load is what it always was.'],
  ['undersized-breaker', 6, 'One fixed appliance may be more than the breaker was chosen for.'],
  ['downstream-device-tripped', 0.1, 'A fixed appliance is hardly ever wired behind a GFCI outlet.'],
];

const OLD_YEARS = TIME_LIMITS.oldYears;
const YOUNG_YEARS = TIME_LIMITS.youngYears;

function shifts({
  breakerKind,
  poles,
  ageYears,
  newlyFitted,
  pluggable,
  tripped,
  complaint,
  causeRemoved,
  overloadAtTrip,
  deadShorts = 0,
}: PriorContext): Shift[] {
  return [
    ...(breakerKind ? BY_KIND[breakerKind] : []),
    ...(poles === 2 ? WITH_TWO_POLES : []),
    ...(ageYears !== undefined && ageYears >= OLD_YEARS ? WHEN_OLD : []),
    ...(ageYears !== undefined && ageYears <= YOUNG_YEARS ? WHEN_YOUNG : []),
    ...(newlyFitted ? WHEN_NEW : []),
    ...(tripped === undefined ? [] : tripped ? HAS_TRIPPED : NEVER_TRIPPED),
    ...((complaint && BY_COMPLAINT[complaint]) ?? []),
    ...(pluggable === false ? WITHOUT_PLUGS : []),
    ...(causeRemoved ? CAUSE_REMOVED : []),
    ...(overloadAtTrip ? OVERLOAD_AT_TRIP : []),
    ...Array.from({ length: Math.min(MOST_SHORTS, deadShorts) }, () => PER_SHORT).flat(),
  ];
}

/**
 * How likely each cause is before anything is looked at, in the vocabulary’s order, summing to 1.
 *
 * @param known what is known of the breaker; all of it may be left out
 * @returns chances in the vocabulary’s order of causes
 * @example prior({ breakerKind: 'standard' })[CAUSE_IDS.indexOf('ground-leakage')] // hardly any: it does not see leakage
 */
export function prior(known: PriorContext = {}): Float64Array {
  const weights = new Map(CAUSE_IDS.map((cause) => [cause, CAUSE_FACTS[cause].commonness]));
  for (const [cause, times] of shifts(known)) weights.set(cause, weights.get(cause)! * times);
  const total = [...weights.values()].reduce((a, b) => a + b, 0);
  return Float64Array.from(CAUSE_IDS, (cause) => weights.get(cause)! / total);
}
