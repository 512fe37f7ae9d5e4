import type { EvidenceItem } from './evidence.ts';

/**
 * The latest outcome of each test; of two at the same instant, the later in the list.
 *
 * @param items in any order
 * @returns one item for each test, newest first
 * @example latestOfEach([]) // []
 */
export function latestOfEach(items: readonly EvidenceItem[]): EvidenceItem[] {
  const latest = new Map<string, EvidenceItem>();
  for (const item of items) {
    const known = latest.get(item.test);
    if (!known || item.at >= known.at) latest.set(item.test, item);
  }
  return [...latest.values()].sort((a, b) => b.at.localeCompare(a.at));
}
