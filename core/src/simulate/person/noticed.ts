import { trips } from '../house/index.ts';
import { LOOKING } from './looking.ts';
import { TRYING } from './trying.ts';
import type { SimulatedCase, Noticed } from './simulatedCase.ts';

/** What people notice without looking for it, and what is nothing to speak of. */
const UNASKED = {
  'power-loss-extent': ['none'],
  'light-behaviour': ['steady'],
  sound: ['quiet', 'steady-hum'],
  smell: ['none'],
  'panel-touch': ['cool'],
  'water-signs': ['dry'],
} as const;
type Unasked = keyof typeof UNASKED;
const LOOKS = Object.keys(UNASKED) as Unasked[];

/** What a look shows, if it is anything to speak of. */
function spoken(of: SimulatedCase, test: Unasked): Noticed | null {
  const nothing: readonly string[] = UNASKED[test];
  const outcome = LOOKING[test](of, of.randomFor(test));
  return nothing.includes(outcome) ? null : { test, outcome };
}

/** Something that is still live though it was switched off, where somebody had a reason to try. */
function stillLive(of: SimulatedCase): Noticed | null {
  const { fedByOther, backfeed } = of.house;
  if (fedByOther === null && backfeed === null) return null;
  const found = (['branch-off-check', 'main-off-check'] as const)
    .map((test) => ({ test, outcome: TRYING[test](of, of.randomFor(test)) }))
    .find(({ outcome }) => outcome === 'still-live');
  return found ?? null;
}

/**
 * Whether anybody noticed anything of a fault, trips aside: what would be there without it is nothing of it.
 *
 * @param sound the same house before anything was wrong with it
 * @example isNoticed(simulatedCase('supply-outage', 1), simulatedCase('none', 1)) // true
 */
export const isNoticed = (of: SimulatedCase, sound: SimulatedCase): boolean =>
  stillLive(of) !== null ||
  LOOKS.some((test) => {
    const now = spoken(of, test);
    return now !== null && now.outcome !== spoken(sound, test)?.outcome;
  });

/**
 * What somebody noticed of a fault, and so tells unasked: what is dead, that it tripped, lights, a sound, a smell, warmth,
 * water; that something is still live that was switched off. Nobody slips in what made them complain.
 *
 * @example noticed(simulatedCase('supply-outage', 1))[0] // { test: 'power-loss-extent', outcome: 'whole-house' }
 */
export function noticed(of: SimulatedCase): Noticed[] {
  const record = trips(of.days).length > 0 ? (['trips-on-record'] as const) : [];
  return [
    ...LOOKS.map((test) => spoken(of, test)),
    stillLive(of),
    ...record.map((test) => ({ test, outcome: TRYING[test](of, of.randomFor(test)) })),
  ].filter((one) => one !== null);
}
