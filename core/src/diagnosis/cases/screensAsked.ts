import { spotOf, type TestId } from '../../facts/vocabulary/index.ts';
import type { CaseRecord } from './schema.ts';

/** What is answered together counts once. */
const screenOf = (test: TestId): string => spotOf(test) ?? test;

/**
 * How many screens were answered in a case, or put aside. What the complaint itself told was not asked.
 *
 * @example screensAsked(freshCase) // 0
 */
export function screensAsked({ case: about, log }: CaseRecord): number {
  const later = (at: string) => at > about.openedAt;
  const screens = new Set<string>();
  for (const { test, at, takenBackAt } of about.answers)
    if (takenBackAt === null && later(at)) screens.add(screenOf(test));
  for (const { test } of about.passed) screens.add(screenOf(test));
  for (const { kind, entry } of log) {
    if (entry.struck !== null || !later(entry.at)) continue;
    if (kind === 'observations') screens.add(screenOf(entry.test));
    else if (kind === 'events') screens.add(entry.id);
    else screens.add(`${entry.quantity} ${entry.point}`);
  }
  return screens.size;
}
