import type { Random } from '../../facts/random/index.ts';
import { paceOf } from '../../record/entities/index.ts';
import type { House, SimulatedMoment } from './house.ts';
import { between, chance, pick } from './soundHouse.ts';
import { switchOn, type SwitchingOn } from './switchOn.ts';

/** How the circuit is used at a time. */
export interface Episode extends SimulatedMoment {
  everything: boolean;
  seconds: number;
  /** What the breaker did. */
  trial: SwitchingOn;
}

const EPISODES = 22;
/** After so many trips somebody complains: few bear trips at once for long. */
const PATIENCE = { atOnce: [1, 1, 1, 2, 3], slow: [1, 2, 2, 3, 4, 6] } as const;

/** Some weeks of use until somebody complains, and what the breaker did each time. */
export function daysBefore(house: House, random: Random): Episode[] {
  const days: Episode[] = [];
  const patience = { atOnce: pick(random, PATIENCE.atOnce), slow: pick(random, PATIENCE.slow) };
  let [atOnce, slow] = [0, 0];
  while (days.length < EPISODES && atOnce < patience.atOnce && slow < patience.slow) {
    const { appliances } = house.subject;
    const everything = chance(random, 0.35);
    const on = appliances.filter(({ fixed }) => fixed || everything || chance(random, 0.45));
    const moment: SimulatedMoment = {
      on: new Set(on.map(({ name }) => name)),
      starting: new Set(on.filter(({ surge }) => surge !== null).map(({ name }) => name)),
      wet: chance(random, 0.25),
      hot: chance(random, 0.25),
    };
    const seconds = between(random, 1200, 9000);
    const done = { ...moment, everything, seconds, trial: switchOn(house, moment, seconds, random) };
    days.push(done);
    const { openedAfter } = done.trial;
    if (openedAfter === null) continue;
    if (paceOf(openedAfter) === 'at-once') atOnce++;
    else slow++;
  }
  return days;
}

const tripped = ({ trial: { openedAfter } }: Episode) => openedAfter !== null;

/** The trips among them. */
export const trips = (days: readonly Episode[]): Episode[] => days.filter(tripped);

type Pattern =
  'one-appliance' | 'many-loads-together' | 'motor-starting' | 'wet-weather' | 'hot-weather' | 'random';

/** Where the share of trips exceeds that of the days by so much, people see a pattern. */
const NOTICED = 1.6;
/** Nearly all trips must fit it. */
const FITS = 0.75;

const shareOf = <T>(list: readonly T[], is: (one: T) => boolean) => list.filter(is).length / list.length;

/** What people would say the trips go with; and which appliance, if it is one. */
export function patternOf(
  house: House,
  days: readonly Episode[],
  random: Random,
): { pattern: Pattern; suspect: string } {
  const { appliances } = house.subject;
  const all = trips(days);
  const anything = pick(random, appliances).name;
  if (all.length === 0) return { pattern: 'random', suspect: anything };
  // What trips as it is switched on is seen at once.
  const triggers = all.map((one) => triggerOf(house, one));
  const named = triggers.find((name) => name !== null && shareOf(triggers, (one) => one === name) >= FITS);
  if (named) {
    const { surge, shortOhms } = appliances.find(({ name }) => name === named)!;
    return { pattern: surge && shortOhms === Infinity ? 'motor-starting' : 'one-appliance', suspect: named };
  }
  const lift = (is: (one: Episode) => boolean) => {
    const fits = shareOf(all, is);
    return fits < FITS ? 0 : fits / Math.max(0.05, shareOf(days, is));
  };
  const found: { pattern: Pattern; suspect: string; lift: number }[] = [
    { pattern: 'wet-weather', suspect: anything, lift: lift(({ wet }) => wet) },
    { pattern: 'hot-weather', suspect: anything, lift: lift(({ hot }) => hot) },
    { pattern: 'many-loads-together', suspect: anything, lift: lift(({ everything }) => everything) * 1.05 },
    ...appliances.map(({ name }) => ({
      pattern: 'one-appliance' as const,
      suspect: name,
      lift: lift(({ on }) => on.has(name)),
    })),
  ];
  const best = found.sort((a, b) => b.lift - a.lift)[0]!;
  if (best.lift >= NOTICED) return best;
  return { pattern: appliances.length === 1 ? 'one-appliance' : 'random', suspect: anything };
}

/** What had just been switched on when it tripped at once: one thing that is most of what flowed, or that leaks. */
function triggerOf({ subject }: House, { on, starting, trial: { openedAfter, by } }: Episode): string | null {
  if (openedAfter! > 3 || by === 'latch') return null;
  const draws = subject.appliances
    .filter(({ name }) => on.has(name))
    .map(({ name, amps, surge, shortOhms, leakOhms }) => ({
      name,
      amps:
        by === 'electronics'
          ? 120 / leakOhms + 1e-6
          : amps * (starting.has(name) && surge ? surge.times : 1) + 120 / shortOhms,
    }));
  const total = draws.reduce((sum, { amps }) => sum + amps, 0);
  const most = draws.sort((a, b) => b.amps - a.amps)[0];
  return most && most.amps > 0.7 * total ? most.name : null;
}
