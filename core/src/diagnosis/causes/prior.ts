import { TIME_LIMITS } from '../../facts/limits/index.ts';
import { z } from 'zod';
import { oneOf } from '../../facts/quantities/index.ts';
import { COMPLAINTS, type CauseId, type Complaint } from '../../facts/vocabulary/index.ts';
import { CAUSE_FACTS } from '../causeFacts/index.ts';
import { CAUSE_IDS } from './hypotheses.ts';
import * as messages from './messages.ts';

/** What is known of the breaker before anything is looked at. */
export const context = z.object({
  breakerKind: z.enum(['standard', 'gfci', 'afci', 'dual']).optional(),
  poles: oneOf([1, 2]).optional(),
  ageYears: z.number().min(0, messages.theAgeMustBeFrom0).max(120, messages.theAgeMustBeFrom0).optional(),
  newlyFitted: z.boolean().optional(),
  pluggable: z
    .boolean()
    .optional()
    .describe('true if anything can be plugged in; false if all loads are hardwired'),
  tripped: z.boolean().optional().describe('true if it has tripped, as far as known'),
  complaint: z.enum(COMPLAINTS).optional().describe('the complaint'),
  causeRemoved: z.boolean().optional().describe('true if the cause of the last trip was found and removed'),
  overloadAtTrip: z
    .boolean()
    .optional()
    .describe('true if its current at the last trip exceeded what it may carry'),
  byTrips: z
    .enum(['weak', 'sound', 'sluggish', 'undetermined'])
    .optional()
    .describe('what the trips and holds on record say about the breaker'),
  deadShorts: z
    .int()
    .min(0, messages.theNumberOfShortCircuitsCannot)
    .max(100, messages.enterAtMost100ShortCircuits)
    .optional()
    .describe('number of short circuits the breaker has cleared'),
});
export type PriorContext = z.infer<typeof context>;

/** By how much a cause is commoner, or rarer, than in the table; and why. */
type Shift = readonly [cause: CauseId, times: number, why: string];

const BY_KIND: Record<NonNullable<PriorContext['breakerKind']>, readonly Shift[]> = {
  standard: [
    ['electronic-unit-fault', 0.01, messages.aStandardBreakerHasNo],
    ['miswired-protected-unit', 0.01, messages.aStandardBreakerHasNoNeutral],
    ['ground-leakage', 0.05, messages.aStandardBreakerDoesNotDetect],
    ['neutral-ground-fault', 0.02, messages.aStandardBreakerDoesNotMonitor],
  ],
  gfci: [
    ['ground-leakage', 4, messages.theBreakerTripsOnLeakage],
    ['electronic-unit-fault', 3, messages.electronicsAge],
    ['miswired-protected-unit', 2, messages.theBreakerNeedsItsOwnCircuit],
    ['moisture', 1.3, messages.theBreakerTripsOnMoistureThat],
    ['neutral-ground-fault', 4, messages.theBreakerMonitorsItsNeutral],
  ],
  afci: [
    ['arcing-connection', 3.5, messages.theBreakerTripsOnArcs],
    ['electronic-unit-fault', 4, messages.itsElectronicsAgeAndItIs],
    ['miswired-protected-unit', 2, messages.theBreakerNeedsItsOwnCircuit],
    ['ground-leakage', 0.7, messages.theBreakerDetectsLittleLeakage],
    ['neutral-ground-fault', 0.5, messages.theBreakerDetectsLittleLeakage],
  ],
  dual: [
    ['ground-leakage', 3, messages.theBreakerTripsOnLeakage],
    ['arcing-connection', 3, messages.theBreakerTripsOnArcs],
    ['neutral-ground-fault', 4, messages.theBreakerMonitorsItsNeutral],
    ['electronic-unit-fault', 4, messages.electronicsAge],
    ['miswired-protected-unit', 2, messages.theBreakerNeedsItsOwnCircuit],
  ],
};

const WHEN_OLD: readonly Shift[] = [
  ['weak-breaker', 2, messages.thermalElementsWeakenWithAge],
  ['worn-mechanism', 2, messages.latchesWearWithAge],
  ['open-breaker', 1.6, messages.contactsBurnWithAge],
  ['stuck-breaker', 2, messages.aBreakerThatIsNeverOperated],
  ['burnt-stab', 1.5, messages.breakerJawsWeakenWithAge],
  ['bus-failing', 1.8, messages.lugsLoosenOverTime],
  ['loose-terminal', 1.3, messages.terminalsLoosenOverTime],
];

const WHEN_YOUNG: readonly Shift[] = [
  ['weak-breaker', 0.4, messages.theBreakerIsNew],
  ['worn-mechanism', 0.4, messages.theBreakerIsNew],
  ['open-breaker', 0.5, messages.theBreakerIsNew],
  ['stuck-breaker', 0.4, messages.theBreakerIsNew],
  ['bus-failing', 0.6, messages.theBreakerIsNew],
];

const WHEN_NEW: readonly Shift[] = [
  ['miswired-protected-unit', 14, messages.theCircuitWasWiredRecently],
  ['wrong-part', 4, messages.theBreakerWasSelectedRecently],
  ['loose-terminal', 2, messages.theTerminalWasTorquedRecently],
  ['weak-breaker', 0.2, messages.theBreakerIsNew],
  ['worn-mechanism', 0.2, messages.theBreakerIsNew],
  ['stuck-breaker', 0.2, messages.theBreakerIsNew],
];

const WITH_TWO_POLES: readonly Shift[] = [
  ['incomplete-reset', 1.2, messages.oneHalfOfATwoPole],
  ['downstream-device-tripped', 0.1, messages.aDryerOrRangeIsHardly],
  ['shared-neutral-open', 1.5, messages.aHandleTiedPairOftenShares],
];

/** For each short circuit that the breaker has cleared, up to three. */
const PER_SHORT: readonly Shift[] = [
  ['weak-breaker', 1.5, messages.clearingAShortCircuitWeakens],
  ['open-breaker', 1.6, messages.clearingAShortCircuitBurnsThe],
  ['stuck-breaker', 1.4, messages.clearingAShortCircuitCanWeld],
  ['worn-mechanism', 1.3, messages.clearingAShortCircuitWearsThe],
];
const MOST_SHORTS = 3;

/** The complaint, where it says more than the looks that it stands for. */
const BY_COMPLAINT: Partial<Record<Complaint, readonly Shift[]>> = {
  check: [['no-fault', 6, messages.thereWasNoComplaint]],
  trips: [
    ['supply-outage', 0.05, messages.oneBreakerTrips],
    ['supply-leg-lost', 0.05, messages.oneBreakerTrips],
    ['main-breaker-fault', 0.2, messages.oneBreakerTrips],
    ['upstream-open', 0.2, messages.thisBreakerTrips],
    ['downstream-device-tripped', 0.2, messages.thisBreakerTrips],
    ['device-failed', 0.05, messages.aDeadLampDoesNotTrip],
    ['open-wiring', 0.4, messages.anOpenWireDoesNotTrip],
    ['open-breaker', 0.5, messages.aBreakerThatNoLongerCloses],
  ],
};

/** It has tripped: what trips nothing is not what is complained of. */
const HAS_TRIPPED: readonly Shift[] = [
  ['no-fault', 0.25, messages.somethingTrippedIt],
  ['upstream-open', 0.25, messages.theUpstreamBreakerTripped],
  ['main-breaker-fault', 0.3, messages.theMainTripped],
  ['oversized-breaker', 0.2, messages.anOversizedBreakerTripsToo],
  ['stuck-breaker', 0.15, messages.aBreakerThatDoesNotOpen],
  ['open-breaker', 0.6, messages.burnedContactsDoNotCauseTrips],
  ['open-wiring', 0.35, messages.anOpenWireDoesNotTrip],
  ['device-failed', 0.2, messages.aDeadLampDoesNotTrip],
  ['wrong-breaker', 0.2, messages.anotherBreakerSCircuitCannot],
  ['backfeed', 0.25, messages.backfeedSeldomTripsABreaker],
  ['open-neutral', 0.25, messages.anOpenNeutralDoesNotTrip],
  ['shared-neutral-open', 0.25, messages.anOpenNeutralDoesNotTrip],
  ['supply-leg-lost', 0.3, messages.aLostLegDoesNotTrip],
  ['supply-outage', 0.3, messages.anOutageDoesNotTripA],
  ['downstream-device-tripped', 0.4, messages.theOtherDeviceTripped],
  ['shared-terminal', 0.6, messages.twoCircuitsOnOneBreakerDo],
  ['wrong-part', 0.6, messages.aBreakerThatDoesNotFit],
  ['burnt-stab', 0.7, messages.aBurnedConnectionShowsUpAs],
  ['moisture', 0.7, messages.rustIsVisibleAndSeldomCauses],
];
/** Nobody saw it trip: what is known by tripping is not what is complained of. */
const NEVER_TRIPPED: readonly Shift[] = [
  ['overload', 0.25, messages.aLongOverloadWouldHaveTripped],
  ['appliance-fault', 0.15, messages.aShortCircuitWouldHaveTripped],
  ['wiring-short', 0.1, messages.aShortCircuitWouldHaveTripped],
  ['ground-leakage', 0.15, messages.aGfciOrAfciBreakerWould],
  ['electronic-unit-fault', 0.2, messages.badElectronicsShowUpAsNuisance],
  ['weak-breaker', 0.15, messages.aWeakBreakerShowsUpAs],
  ['worn-mechanism', 0.4, messages.aWornLatchShowsUpAs],
  ['motor-inrush', 0.4, messages.theInrushOnlyDimsTheLights],
  ['hot-surroundings', 0.15, messages.ambientHeatShowsUpAsTrips],
  ['undersized-breaker', 0.2, messages.thisFaultShowsUpAsTrips],
  ['incomplete-reset', 0.5, messages.aBreakerThatNeverTrippedNeeds],
  ['miswired-protected-unit', 0.1, messages.itTripsWithTheFirstLoad],
  ['neutral-ground-fault', 0.1, messages.itTripsAsItIsSwitched],
];

/** The cause of the last trip was found and removed. */
const CAUSE_REMOVED: readonly Shift[] = [['no-fault', 40, messages.theCauseOfTheTripIs]];

/** The current at the trip was measured, and was more than the breaker may carry. */
const OVERLOAD_AT_TRIP: readonly Shift[] = [
  ['overload', 10, messages.itsCurrentWasTooHighWhen],
  ['undersized-breaker', 3, messages.itsCurrentWasTooHighWhen],
  ['shared-terminal', 2, messages.twoCircuitsOnOneBreakerAdd],
];

/** A circuit of one appliance that is wired in. */
const WITHOUT_PLUGS: readonly Shift[] = [
  ['overload', 0.25, messages.nothingCanBePluggedInSo],
  ['undersized-breaker', 6, messages.oneFixedApplianceMayExceedThe],
  ['downstream-device-tripped', 0.1, messages.aFixedApplianceIsHardlyEver],
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
