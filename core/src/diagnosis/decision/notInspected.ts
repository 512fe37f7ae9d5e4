import { TIME_LIMITS } from '../../facts/limits/index.ts';
import { ACTIONS, type ActionId, type TestId } from '../../facts/vocabulary/index.ts';
import { outcomeOf, type Evidence } from '../evidence/index.ts';
import * as messages from './messages.ts';

/** Inspections behind the cover that show a hazard nothing outside shows, with the part they look at. */
const BEHIND_COVER: readonly (readonly [TestId, string])[] = [
  ['terminal-inspection', messages.itsTerminal],
  ['conductor-vs-breaker', messages.theConductorSize],
  ['stab-inspection', messages.theBusStab],
];

const listed = (parts: readonly string[]): string =>
  parts.length < 2 ? parts.join('') : messages.and(parts.slice(0, -1).join(', '), parts.at(-1));

/**
 * The parts behind the cover that were not inspected, and when to have them inspected. It belongs to every answer after
 * which the breaker stays in service.
 *
 * @param action the action decided on
 * @param evidence what is known of the breaker
 * @returns one step; none after any other action, or where all was inspected
 * @example notInspected('keep', evidence) // ['Not inspected: its terminal and the bus stab, behind the panel cover. …']
 */
export function notInspected(action: ActionId, evidence: Evidence): string[] {
  const family = ACTIONS[action];
  if (family !== 'keep' && family !== 'reset' && action !== 'size-up') return [];
  const parts = BEHIND_COVER.filter(([test]) => {
    const isKnown = test === 'conductor-vs-breaker' && evidence.sizing !== null;
    return !isKnown && outcomeOf(evidence, test) === undefined;
  }).map(([, part]) => part);
  if (parts.length === 0) return [];
  return [
    messages.notInspectedBehindThePanel(
      listed(parts),
      parts.length === 1 ? 'it' : 'them',
      TIME_LIMITS.insideMonths,
    ),
  ];
}
