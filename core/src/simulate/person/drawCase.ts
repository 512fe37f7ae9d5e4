import { type Random, seeded, seedFrom } from '../../facts/random/index.ts';
import type { CauseId } from '../../facts/vocabulary/index.ts';
import {
  faultyHouse,
  daysBefore,
  patternOf,
  trips,
  type House,
  chance,
  pick,
  soundHouse,
} from '../house/index.ts';
import { isNoticed, noticed } from './noticed.ts';
import type { SimulatedCase } from './simulatedCase.ts';

/**
 * A case as it may be met: a house with one fault, some weeks of use, and the moment somebody complains.
 *
 * @param cause the fault; `none`: nothing is wrong
 * @param seed the same number gives the same case
 * @example simulatedCase('open-breaker', 1).house.subject.breaker.handle // 'on'
 */
export const simulatedCase = (cause: CauseId | 'none', seed: number, slips = 1): SimulatedCase =>
  drawCase(
    cause,
    seed,
    (random) => (cause === 'none' ? soundHouse(random) : faultyHouse(cause, random)),
    cause === 'none' ? [] : [cause],
    slips,
  );

/**
 * A case of a house that is drawn until what is wrong with it has shown to somebody; what the same house would show without
 * it, such as old rust, is no sign of it.
 *
 * @param name with the seed it says which case it is
 * @param draw a sound house, drawn first, with its faults planted
 * @param planted what is wrong with it
 */
export function drawCase(
  name: string,
  seed: number,
  draw: (random: Random) => House,
  planted: readonly CauseId[],
  slips = 1,
): SimulatedCase {
  const byTrips = planted.some((cause) => KNOWN_BY_TRIPS.has(cause));
  for (let i = 0; ; i++) {
    const of = drawn(`${name} ${seed}`, i, draw, slips);
    if (i < MOST_DRAWS && !isComplainedOf(of, byTrips, () => drawn(`${name} ${seed}`, i, soundHouse, slips)))
      continue;
    return Object.assign(of, { noticed: noticed(of) });
  }
}

/** One house with its fault and its past; whether anybody complains of it is another matter. */
function drawn(which: string, i: number, draw: (random: Random) => House, slips: number): SimulatedCase {
  const random = seeded(seedFrom(`${which} ${i}`));
  const house = draw(random);
  const days = daysBefore(house, random);
  const { breaker, appliances } = house.subject;
  const last = trips(days).at(-1);
  // What tripped is seldom reset before somebody complains, if the last thing it did was to trip.
  const trippedNow =
    last !== undefined && breaker.handle === 'on' && !breaker.halfReset && chance(random, 0.78);
  if (trippedNow) breaker.handle = 'tripped';
  if (breaker.handle === 'tripped' || breaker.halfReset) breaker.looks = looksTripped(random, breaker.poles);
  return {
    house,
    days,
    noticed: [],
    pattern: patternOf(house, days, random),
    resetDone: breaker.halfReset && chance(random, 0.3),
    lighter: chance(random, 0.35),
    everything: {
      on: new Set(appliances.map(({ name }) => name)),
      starting: new Set(),
      // As a rule somebody looks while it is as it was when it tripped.
      wet: last && chance(random, 0.7) ? last.wet : chance(random, 0.25),
      hot: last && chance(random, 0.7) ? last.hot : chance(random, 0.25),
    },
    slips,
    randomFor: (what) => seeded(seedFrom(`${which} ${what}`)),
  };
}

function looksTripped(random: Random, poles: 1 | 2): House['subject']['breaker']['looks'] {
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
/** So many houses are drawn at most until its fault shows. */
const MOST_DRAWS = 40;

/** Whether its fault has shown to anybody: nobody complains of what trips nothing, is not dead, and neither smells nor flickers. */
function isComplainedOf(of: SimulatedCase, byTrips: boolean, sound: () => SimulatedCase): boolean {
  const { cause } = of.house;
  if (cause === 'none' || cause === 'no-fault') return true;
  return byTrips ? trips(of.days).length > 0 : isNoticed(of, sound());
}
