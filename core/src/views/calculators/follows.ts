import { consequencesOf, outcomeHazard } from '../../facts/hazards/index.ts';
import type { TestId } from '../../facts/vocabulary/index.ts';

/** What may still be used and what to do now, where an answer is a hazard finding; nothing where it is none. */
export function followsFrom(test: TestId, outcome: string): string[] {
  const hazard = outcomeHazard(test, outcome);
  if (!hazard) return [];
  const follows = consequencesOf({ level: hazard.level, findings: [{ test, outcome, ...hazard }] });
  return follows ? [follows.use, ...follows.now] : [];
}
