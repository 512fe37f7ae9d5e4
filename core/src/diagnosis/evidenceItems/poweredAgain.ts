import type { TestId } from '../../facts/vocabulary/index.ts';
import type { EvidenceItem } from './evidence.ts';

/** Looks that found a circuit dead. */
const FOUND_DEAD: Partial<Record<TestId, readonly string[]>> = {
  'power-loss-extent': [
    'part-of-one-circuit',
    'one-circuit',
    'several-circuits',
    'half-the-house',
    'whole-house',
  ],
  'power-after-reset': ['still-dead'],
  'outlet-voltage': ['zero'],
};

/** Readings that show the circuit has power. */
const SHOWS_POWER: Partial<Record<TestId, string>> = {
  'outlet-voltage': 'normal',
  'load-terminal-voltage': 'normal',
  'power-after-reset': 'restored',
};

/**
 * Items without the looks that found the circuit dead before a later reading showed that it has power.
 *
 * @param items the latest outcome of each test
 * @returns the items that still hold
 * @example withoutPassedOutage([]) // []
 */
export function withoutPassedOutage(items: readonly EvidenceItem[]): EvidenceItem[] {
  const poweredAt = items
    .filter(({ test, outcome, origin }) => SHOWS_POWER[test] === outcome && origin !== 'computed')
    .reduce((latest, { at }) => (at > latest ? at : latest), '');
  return items.filter(({ test, outcome, at }) => at >= poweredAt || !FOUND_DEAD[test]?.includes(outcome));
}
