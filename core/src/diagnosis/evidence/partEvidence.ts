import { familyProblem, type Label } from '../../panel/layout/index.ts';
import type { Breaker } from '../../record/entities/index.ts';
import type { EvidenceItem } from '../evidenceItems/index.ts';

/** A part that the panel's label does not list. One that it does list tells nothing new. */
export function partEvidence(breaker: Breaker, label: Label): EvidenceItem[] {
  const text = familyProblem(label, breaker.family);
  if (text === null) return [];
  return [
    {
      test: 'part-match',
      outcome: 'not-listed',
      at: breaker.createdAt,
      text,
      figures: [],
      origin: 'computed',
    },
  ];
}
