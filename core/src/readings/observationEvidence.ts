import { sayOutcome } from '../vocabulary/index.ts';
import type { BreakerFile, EvidenceItem } from './evidence.ts';

/** Observations are test outcomes as they stand. */
export function observationEvidence({ entries }: BreakerFile): EvidenceItem[] {
  return entries.observations.map((o) => ({
    test: o.test,
    outcome: o.outcome,
    at: o.at,
    text: `${sayOutcome(o.test, o.outcome)}.`,
    figures: [],
    origin: 'observation',
  }));
}
