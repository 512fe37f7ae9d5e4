import { z } from 'zod';
import type { Evidence, EvidenceItem } from '../evidence/index.ts';
import { sayOutcome, TESTS, type Profile, type TestId } from '../../facts/vocabulary/index.ts';
import { canBe } from '../engine/index.ts';
import { decide } from './decide.ts';
import { DECISION_ACTIONS, type Decision } from './decision.ts';
import { knownOf } from '../recordAssessment/index.ts';

/** What would be decided if a test came out so. */
export const changedBy = z.object({
  outcome: z.string(),
  text: z.string().describe('the outcome in words'),
  action: z.enum(DECISION_ACTIONS),
  headline: z.string(),
});
export type ChangedBy = z.infer<typeof changedBy>;

/** Later than anything on record. */
const NEXT = '9999';

const supposing = (test: TestId, outcome: string): EvidenceItem => ({
  test,
  outcome,
  at: NEXT,
  text: `${sayOutcome(test, outcome)}.`,
  figures: [],
  origin: 'observation',
});

/**
 * What each of the tests to do next would change: the outcomes that lead to another decision.
 *
 * @param evidence all that is known of the breaker
 * @param stands the decision that stands, made from the same evidence
 * @param profile who is told
 * @returns by test, in the order of the vocabulary; an empty list: whatever comes out, it stays as it is
 * @example wouldChange(evidence, decide(evidence))['terminal-inspection'] // [{ text: 'Its terminal is corroded', headline: 'Not the breaker: damp', … }]
 */
export function wouldChange(
  evidence: Evidence,
  stands: Decision,
  profile: Profile = 'electrician',
): Partial<Record<TestId, ChangedBy[]>> {
  const known = knownOf(evidence);
  const changes = (test: TestId): ChangedBy[] =>
    (TESTS[test].outcomes as readonly string[])
      .filter((outcome) => canBe(test, outcome, known))
      .flatMap((outcome) => {
        const items = [supposing(test, outcome), ...evidence.items.filter((item) => item.test !== test)];
        const { action, headline } = decide({ ...evidence, items }, profile);
        if (action === stands.action && headline === stands.headline) return [];
        return [{ outcome, text: sayOutcome(test, outcome), action, headline }];
      });
  return Object.fromEntries(stands.next.map(({ test }) => [test, changes(test)]));
}
