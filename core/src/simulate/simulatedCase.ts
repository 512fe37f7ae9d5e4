import type { Random } from '../random/index.ts';
import { seeded, seedFrom } from '../random/index.ts';
import { TESTS, type CauseId, type TestId } from '../vocabulary/index.ts';
import { faultyHouse } from './faults.ts';
import { daysBefore, patternOf, trips, type Episode } from './history.ts';
import type { House, Moment } from './house.ts';
import { chance, pick, soundHouse } from './soundHouse.ts';

/** A house with a complaint: what is so, and what came before. */
export interface SimulatedCase {
  house: House;
  days: Episode[];
  pattern: ReturnType<typeof patternOf>;
  /** Pushed fully off and on again by hand, it came on. */
  resetDone: boolean;
  /** Some of what was on has been switched off since. */
  lighter: boolean;
  /** What runs when everything does. */
  everything: Moment;
  /** How often people look wrongly, in shares of their usual slips. */
  slips: number;
  /** Numbers for one test: the same however often and in whatever order tests are done. */
  randomFor: (what: string) => Random;
}

/**
 * A case as it may be met: a house with one fault, some weeks of use, and the moment somebody complains.
 *
 * @param cause the fault; `none`: nothing is wrong
 * @param seed the same number gives the same case
 * @example simulatedCase('open-breaker', 1).house.subject.unit.handle // 'on'
 */
export function simulatedCase(cause: CauseId | 'none', seed: number, slips = 1): SimulatedCase {
  const { house, days, random } = complained(cause, seed);
  const { unit, appliances } = house.subject;
  const last = trips(days).at(-1);
  // What tripped is seldom reset before somebody complains, if the last thing it did was to trip.
  const trippedNow = last !== undefined && unit.handle === 'on' && !unit.halfReset && chance(random, 0.78);
  if (trippedNow) unit.handle = 'tripped';
  if (trippedNow || unit.halfReset) unit.looks = looksTripped(random, unit.poles);
  return {
    house,
    days,
    pattern: patternOf(house, days, random),
    resetDone: unit.halfReset && chance(random, 0.3),
    lighter: chance(random, 0.35),
    everything: {
      on: new Set(appliances.map(({ name }) => name)),
      starting: new Set(),
      // As a rule somebody looks while it is as it was when it tripped.
      wet: last && chance(random, 0.7) ? last.wet : chance(random, 0.25),
      hot: last && chance(random, 0.7) ? last.hot : chance(random, 0.25),
    },
    slips,
    randomFor: (what) => seeded(seedFrom(`${cause} ${seed} ${what}`)),
  };
}

function looksTripped(random: Random, poles: 1 | 2): House['subject']['unit']['looks'] {
  if (chance(random, poles === 2 ? 0.3 : 0.05)) return 'one-half-low';
  return pick(random, ['middle', 'middle', 'middle', 'middle', 'on', 'on', 'off'] as const);
}

/** Faults that nobody knows of until the breaker trips. */
const KNOWN_BY_TRIPS: ReadonlySet<CauseId | 'none'> = new Set<CauseId | 'none'>([
  'overload',
  'appliance-fault',
  'wiring-short',
  'ground-leakage',
  'electronic-unit-fault',
  'weak-breaker',
  'worn-mechanism',
  'miswired-protected-unit',
  'motor-inrush',
  'hot-surroundings',
  'undersized-breaker',
]);
const MOST_DRAWS = 40;

/** A house of which somebody complains: one is drawn after the other until its fault shows. */
function complained(cause: CauseId | 'none', seed: number) {
  for (let draw = 0; ; draw++) {
    const random = seeded(seedFrom(`${cause} ${seed} ${draw}`));
    const house = cause === 'none' ? soundHouse(random) : faultyHouse(cause, random);
    const days = daysBefore(house, random);
    const shows = !KNOWN_BY_TRIPS.has(cause) || trips(days).length > 0;
    if (shows || draw === MOST_DRAWS) return { house, days, random };
  }
}

/** How often a person gets a test wrong, beside the errors of instruments. */
const SLIPS: Partial<Record<TestId, number>> = {
  'handle-finger-test': 0.05,
  'trip-pattern': 0.1,
  'trips-on-record': 0.05,
  'light-behaviour': 0.04,
  'reset-feel': 0.04,
  'recent-change': 0.04,
  'downstream-device': 0.06,
  sound: 0.01,
  smell: 0.01,
};
/** By who does it: anybody with eyes and ears, or a qualified person with a meter. */
const USUAL_SLIP = [0.015, 0.012, 0.004] as const;

/** What a person reports of a test: what it showed, or now and then something else. */
export function reported(of: SimulatedCase, test: TestId, shown: string): string {
  const random = of.randomFor(`slip ${test}`);
  const wrong = of.slips * (SLIPS[test] ?? USUAL_SLIP[TESTS[test].level]);
  const { outcomes, danger = [] } = TESTS[test] as {
    outcomes: readonly string[];
    danger?: readonly string[];
  };
  // Nobody hears, sees or measures a danger by mistake as easily as something harmless.
  const at = outcomes.indexOf(shown);
  // It is taken for what is next to it.
  const others = [at - 1, at + 1].flatMap((i) => outcomes[i] ?? []).filter((one) => !danger.includes(one));
  return chance(random, wrong) && others.length > 0 ? pick(random, others) : shown;
}
