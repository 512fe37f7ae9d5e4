import { LOAD_BANDS, LOAD_LIMITS, loadOutcome } from '../../facts/limits/index.ts';
import { CITATIONS } from '../../facts/standards/index.ts';
import { sayPercent, sayQuantity } from '../../facts/quantities/index.ts';
import type { Sizing } from '../../code/sizing/index.ts';
import { loadAmps } from '../../record/entities/index.ts';
import {
  type BreakerRecord,
  type EvidenceItem,
  type LoadFact,
  type TripFact,
  marked,
  orBeyond,
} from '../evidenceItems/index.ts';
import * as messages from './messages.ts';

/**
 * What the circuit carries: the latest measurement, else what its nameplates add up to.
 *
 * @param record the breaker with its circuit and log
 * @returns A, and share of the rating; `null`: nothing is known of it
 * @example loadFact({ breaker, circuit: null, entries }) // null
 */
export function loadFact({ breaker, circuit, entries }: BreakerRecord): LoadFact | null {
  const currents = entries.readings.filter((r) => r.quantity === 'current');
  const measured = currents.findLast((r) => r.point === 'conductor') ?? currents.at(-1);
  if (measured) {
    const by = measured.point === 'conductor' ? 'conductor' : 'plug';
    const { value, at, error, simulated } = measured;
    return { amps: value, share: value / breaker.ratingAmps, by, at, errorAmps: error, simulated };
  }
  if (!circuit || circuit.loads.length === 0) return null;
  const amps = circuit.loads.reduce((sum, load) => sum + loadAmps(load), 0);
  return {
    amps,
    share: amps / breaker.ratingAmps,
    by: 'nameplates',
    at: null,
    errorAmps: null,
    simulated: false,
  };
}

/** By the code, a load that runs for hours may be this share of the rating at most. */
const CONTINUOUS_SHARE = LOAD_LIMITS.continuousShare;

/**
 * The load at the last trip as a test outcome, where nothing was measured since. A load that ran for more than an hour is
 * held against the limit of a continuous load.
 *
 * @param file the breaker with its circuit and log
 * @param trips its trips, oldest first
 * @param load what the circuit carries, as far as it was measured
 * @returns one item, or none where the current at the trip is not known
 */
export function loadAtTrip(
  { breaker }: BreakerRecord,
  trips: readonly TripFact[],
  load: LoadFact | null,
): EvidenceItem[] {
  const trip = trips.at(-1);
  const amps = trip?.event.amps ?? null;
  if (!trip || amps === null || trip.pace === 'at-once' || trip.pace === 'seconds') return [];
  if (load && load.by !== 'nameplates' && (load.at ?? '') >= trip.event.at) return [];
  const share = amps / breaker.ratingAmps;
  const isContinuous = trip.pace === 'hours' && share > CONTINUOUS_SHARE && share <= 1;
  const limit = isContinuous ? CONTINUOUS_SHARE * breaker.ratingAmps : breaker.ratingAmps;
  return [
    {
      test: 'load-share',
      outcome: loadOutcome(isContinuous ? share / CONTINUOUS_SHARE : share),
      at: trip.event.at,
      text: marked(
        trip.event,
        isContinuous
          ? messages.itTrippedAfterHoursAtA(
              sayQuantity(amps, 'A'),
              sayQuantity(breaker.ratingAmps, 'A'),
              sayQuantity(limit, 'A'),
            )
          : messages.itTrippedAtOfItsRating(
              sayQuantity(amps, 'A'),
              sayPercent(share),
              sayQuantity(breaker.ratingAmps, 'A'),
            ),
      ),
      figures: [{ label: messages.currentAtTheTrip, value: amps, unit: 'A', limit }],
      source: isContinuous ? CITATIONS.continuousLoad : undefined,
      origin: 'event',
    },
  ];
}

/**
 * The load as a test outcome. Loads known from nameplates alone count from the circuit's own record. The limit that is told
 * is the smaller of the breaker’s rating and what its conductor may have.
 */
export function loadEvidence(
  file: BreakerRecord,
  load: LoadFact | null,
  sizing: Pick<Sizing, 'maxBreakerAmps'> | null,
): EvidenceItem[] {
  if (!load) return [];
  const { amps, share } = load;
  const { ratingAmps } = file.breaker;
  const { or, sentence } = orBeyond(
    amps,
    load.errorAmps,
    LOAD_BANDS.map((limit) => limit * ratingAmps),
    'A',
    (value) => loadOutcome(value / ratingAmps),
  );
  const how = {
    conductor: messages.clampReadingOnItsConductor,
    plug: messages.plugInMeter,
    nameplates: messages.allConnectedLoadsByNameplate,
  }[load.by];
  return [
    {
      test: load.by === 'conductor' ? 'clamp-current' : 'load-share',
      outcome: loadOutcome(share),
      ...(or && { or }),
      at: load.at ?? file.breaker.createdAt,
      text: marked(
        load,
        messages.ofItsRating(
          how,
          sayQuantity(amps, 'A'),
          sayPercent(share),
          sayQuantity(ratingAmps, 'A'),
          sentence,
        ),
      ),
      figures: [
        {
          label: load.by === 'nameplates' ? messages.connectedLoad : 'current',
          value: amps,
          unit: 'A',
          limit: Math.min(ratingAmps, sizing?.maxBreakerAmps ?? ratingAmps),
        },
        { label: messages.shareOfRating, value: share * 100, unit: '%' },
      ],
      origin: load.by === 'nameplates' ? 'computed' : 'reading',
    },
  ];
}
