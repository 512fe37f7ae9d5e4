import type { Random } from '../../facts/random/index.ts';
import { trips, type SimulatedMoment, switchOn, withHandleOn } from '../house/index.ts';
import type { SimulatedCase } from './simulatedCase.ts';

/** Everything is unplugged or switched off. */
export const bare = ({ everything }: SimulatedCase): SimulatedMoment => ({ ...everything, on: new Set() });

/** Without what is shorted: nobody measures with that plugged in. */
export const measurable = ({ house }: SimulatedCase, moment: SimulatedMoment): SimulatedMoment => ({
  ...moment,
  starting: new Set(),
  on: new Set(
    house.subject.appliances
      .filter(({ name, shortOhms }) => moment.on.has(name) && shortOhms === Infinity)
      .map(({ name }) => name),
  ),
});

/** Switched on as a person would leave it: what was on when it tripped is on, or some of it. */
export const asItWas = ({ house, everything, days, lighter }: SimulatedCase): SimulatedMoment => {
  const last = [...(trips(days).at(-1)?.on ?? everything.on)];
  const on = new Set(lighter && last.length > 1 ? last.slice(0, Math.ceil(last.length / 2)) : last);
  const motors = house.subject.appliances.filter(({ surge, name }) => surge && on.has(name));
  return { ...everything, on, starting: new Set(motors.map(({ name }) => name)) };
};

/** The subject pushed fully off and on, unless somebody thinks it is on and it is not. */
export const asFound = (of: SimulatedCase): SimulatedCase =>
  of.house.subject.breaker.halfReset && !of.resetDone ? of : { ...of, house: withHandleOn(of.house) };

/** Whether it stays on long enough to be measured. */
export function holdsForMeasuring(of: SimulatedCase, random: Random): boolean {
  const { openedAfter } = switchOn(of.house, bare(of), 300, random);
  return openedAfter === null || openedAfter > 30;
}

/** As it can be measured at: on, if it stays on with what can be unplugged unplugged; else off. */
export function workable(of: SimulatedCase): SimulatedCase {
  const found = asFound(of);
  if (holdsForMeasuring(found, of.randomFor('stays on'))) return found;
  const { house } = found;
  const breaker = { ...house.subject.breaker, handle: 'tripped' as const };
  return { ...found, house: { ...house, subject: { ...house.subject, breaker } } };
}

/** Everything on for hours; where that trips it, as much as it holds. */
export function soaked({ house, everything }: SimulatedCase): SimulatedMoment {
  const { appliances, breaker } = house.subject;
  let sum = 0;
  const on = [...appliances]
    .sort((a, b) => b.amps - a.amps)
    .filter(({ amps, shortOhms }) => {
      const fits = shortOhms === Infinity && (sum + amps <= 1.05 * breaker.ratingAmps || breaker.seized);
      if (fits) sum += amps;
      return fits;
    });
  return { ...everything, on: new Set(on.map(({ name }) => name)) };
}

/** Only the smallest load is left on. */
export function fewest({ house }: SimulatedCase): Set<string> {
  const [least] = [...house.subject.appliances].sort((a, b) => a.amps - b.amps);
  return new Set(least && least.shortOhms === Infinity ? [least.name] : []);
}
