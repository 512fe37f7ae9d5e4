import { keptPerObject } from '../../facts/kept/index.ts';
import { sayOutcome } from '../../facts/vocabulary/index.ts';
import { type BreakerRecord, type EvidenceItem, marked } from '../evidenceItems/index.ts';

/** Observations are test outcomes as they stand. */
export const observationEvidence = keptPerObject(({ entries }: BreakerRecord): EvidenceItem[] =>
  entries.observations.map((o) => ({
    test: o.test,
    outcome: o.outcome,
    at: o.at,
    text: marked(o, `${sayOutcome(o.test, o.outcome)}.`),
    figures: [],
    origin: 'observation',
  })),
);
