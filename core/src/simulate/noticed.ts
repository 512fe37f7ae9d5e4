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

/** What somebody noticed: a test’s outcome, told unasked. */
export interface Noticed {
  test: TestId;
  outcome: string;
}

/**
 * What somebody noticed of a fault, and so tells unasked: what is dead, that it tripped, lights, a sound, a smell, warmth,
 * water; that something is still live that was switched off. Nobody slips in what made them complain.
 *
 * @example noticed(simulatedCase('supply-outage', 1))[0] // { test: 'power-loss-extent', outcome: 'whole-house' }
 */
export function noticed(of: SimulatedCase): Noticed[] {
  const { house, days } = of;
  const found = (Object.keys(UNASKED) as (keyof typeof UNASKED)[]).flatMap((test): Noticed[] => {
    const nothing: readonly string[] = UNASKED[test];
    const outcome = LOOKING[test](of, of.randomFor(test));
    return nothing.includes(outcome) ? [] : [{ test, outcome }];
  });
  const live = (['branch-off-check', 'main-off-check'] as const).flatMap((test): Noticed[] => {
    const known = house.fedByOther !== null || house.backfeed !== null;
    const outcome = TRYING[test](of, of.randomFor(test));
    return known && outcome === 'still-live' ? [{ test, outcome }] : [];
  });
  const record = trips(days).length > 0 ? (['trips-on-record'] as const) : [];
  return [
    ...found,
    ...live.slice(0, 1),
    ...record.map((test) => ({ test, outcome: TRYING[test](of, of.randomFor(test)) })),
  ];
}
