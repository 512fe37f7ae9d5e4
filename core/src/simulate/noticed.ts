import type { TestId } from '../vocabulary/index.ts';
import { trips } from './history.ts';
import { LOOKING } from './looking.ts';
import type { SimulatedCase } from './simulatedCase.ts';
import { TRYING } from './trying.ts';

/** What people notice without looking for it, and what is nothing to speak of. */
const UNASKED = {
  'power-loss-extent': ['none'],
  'light-behaviour': ['steady'],
  sound: ['quiet', 'steady-hum'],
  smell: ['none'],
  'panel-touch': ['cool'],
  'water-signs': ['dry'],
} as const;

/**
 * What somebody noticed of a fault, and so tells unasked: what is dead, that it tripped, lights, a sound, a smell, warmth,
 * water; that something is still live that was switched off.
 *
 * @example noticed(simulatedCase('supply-outage', 1)) // ['power-loss-extent']
 */
export function noticed(of: SimulatedCase): TestId[] {
  const { house, days } = of;
  const looked = (Object.keys(UNASKED) as (keyof typeof UNASKED)[]).filter((test) => {
    const nothing: readonly string[] = UNASKED[test];
    return !nothing.includes(LOOKING[test](of, of.randomFor(test)));
  });
  const live = (['branch-off-check', 'main-off-check'] as const).filter((test) => {
    const known = house.fedByOther !== null || house.backfeed !== null;
    return known && TRYING[test](of, of.randomFor(test)) === 'still-live';
  });
  return [...looked, ...live.slice(0, 1), ...(trips(days).length > 0 ? ['trips-on-record' as const] : [])];
}
