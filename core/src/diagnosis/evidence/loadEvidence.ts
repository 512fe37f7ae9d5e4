import { sayPercent, sayQuantity } from '../../facts/quantities/index.ts';
import { loadAmps } from '../../record/entities/index.ts';
import { LOAD_LIMITS, loadOutcome } from '../../facts/vocabulary/index.ts';
import type { BreakerRecord, EvidenceItem, LoadFact } from './evidence.ts';
import { marked } from './marked.ts';
import { orBeyond } from './withinError.ts';

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

/** The load as a test outcome. Loads known from nameplates alone count from the circuit's own record. */
export function loadEvidence(file: BreakerRecord, load: LoadFact | null): EvidenceItem[] {
  if (!load) return [];
  const { amps, share } = load;
  const { ratingAmps } = file.breaker;
  const { or, sentence } = orBeyond(
    amps,
    load.errorAmps,
    LOAD_LIMITS.map((limit) => limit * ratingAmps),
    'A',
    (value) => loadOutcome(value / ratingAmps),
  );
  const how = {
    conductor: 'Clamped on its conductor',
    plug: 'At the plug',
    nameplates: 'Everything connected, by nameplate',
  }[load.by];
  return [
    {
      test: load.by === 'conductor' ? 'clamp-current' : 'load-share',
      outcome: loadOutcome(share),
      ...(or && { or }),
      at: load.at ?? file.breaker.createdAt,
      text: marked(
        load,
        `${how}: ${sayQuantity(amps, 'A')}, ${sayPercent(share)} of its ${sayQuantity(ratingAmps, 'A')} rating.${sentence}`,
      ),
      figures: [
        {
          label: load.by === 'nameplates' ? 'connected load' : 'current',
          value: amps,
          unit: 'A',
          limit: ratingAmps,
        },
        { label: 'share of rating', value: share * 100, unit: '%' },
      ],
      origin: load.by === 'nameplates' ? 'computed' : 'reading',
    },
  ];
}
