import { HEAT_LIMITS, TIME_LIMITS } from '../../facts/limits/index.ts';
import type { Random } from '../../facts/random/index.ts';
import type { OutcomeOf } from '../../facts/vocabulary/index.ts';
import { sparks } from './dangers.ts';
import { airAt, heatOf, type HouseBreaker, chance, energised } from '../house/index.ts';
import { readHeat } from './instruments.ts';
import { fewest, measurable, soaked, workable } from './moments.ts';
import { SIMULATED_DEAD_VOLTS, type Performs } from './performs.ts';
import type { SimulatedCase } from './simulatedCase.ts';

/** The wall beside the panel is as warm as the air, but hardly warmer than this on the hottest day, °C. */
const WARMEST_WALL_C = 34;
/** A light that loses this share of its voltage is seen to dim. */
const SEEN_TO_DIM = 0.035;

/** Dead things: outlets of the subject, other circuits. */
function dead(of: SimulatedCase) {
  const { house, everything } = of;
  const live = energised(house, measurable(of, everything));
  const outlets = [0, 1, 2].filter((outlet) => live.outletVolts(outlet) < SIMULATED_DEAD_VOLTS);
  return { outlets, others: house.others.map((_one, i) => live.otherVolts(i) < SIMULATED_DEAD_VOLTS) };
}

export function lossExtent(of: SimulatedCase): OutcomeOf<'power-loss-extent'> {
  const { outlets, others } = dead(of);
  const { house } = of;
  const count = others.filter(Boolean).length;
  if (count === others.length) return 'whole-house';
  if (count > 1 || (count === 1 && outlets.length > 0)) {
    const legs = new Set(house.others.filter((_one, i) => others[i]).map(({ leg }) => leg));
    const whole = (leg: 'A' | 'B') => house.others.every((one, i) => one.leg !== leg || others[i]);
    return legs.size === 1 && whole([...legs][0]!) ? 'half-the-house' : 'several-circuits';
  }
  if (outlets.length === 3 || count === 1) return 'one-circuit';
  if (outlets.length > 0) return 'part-of-one-circuit';
  return house.subject.appliances.some(({ open }) => open) ? 'one-device' : 'none';
}

function lights(of: SimulatedCase, random: Random): OutcomeOf<'light-behaviour'> {
  const on = workable(of).house;
  const { breaker, arcsPerMinute, appliances } = on.subject;
  const few = { ...of.everything, on: fewest(of) };
  const before = energised(on, few);
  const after = energised(on, measurable(of, of.everything));
  // Loads of other circuits come and go as well.
  const busier = {
    ...on,
    others: on.others.map((one, i) => (i === 1 ? { ...one, amps: one.amps + 12 } : one)),
  };
  const shifted = energised(busier, few);
  const steps = on.others.flatMap((_one, i) =>
    [after, shifted].map((live) => live.otherVolts(i) - before.otherVolts(i)),
  );
  steps.push(after.outletVolts(2) - before.outletVolts(2));
  if (Math.max(...steps) > 2.5 && Math.min(...steps) < -2.5 && chance(random, 0.88))
    return 'some-brighter-some-dimmer';
  if (on.busArcs && chance(random, 0.7)) return 'flicker-whole-house';
  if ((breaker.stabArcs || breaker.screwArcs || arcsPerMinute > 0.5) && chance(random, 0.65))
    return 'flicker-one-circuit';
  const motors = appliances.filter(({ surge }) => surge !== null).map(({ name }) => name);
  const start = energised(on, { ...few, on: new Set([...few.on, ...motors]), starting: new Set(motors) });
  const volts = before.outletVolts(2);
  const dims = (then: { outletVolts: (outlet: number) => number }) =>
    volts > SIMULATED_DEAD_VOLTS && volts - then.outletVolts(2) > SEEN_TO_DIM * volts;
  // A motor’s surge is seen by anybody, a heater that goes on by most.
  return dims(start) || (dims(after) && chance(random, 0.8)) ? 'dims-on-start' : 'steady';
}

/** Something in the panel or on the circuit has been so hot that it smells, or looks, burnt. */
function charred(of: SimulatedCase): { panel: boolean; elsewhere: boolean } {
  const heat = heatOf(workable(of).house, soaked(of));
  return {
    panel:
      Math.max(heat.screw, heat.stab, heat.bus) > HEAT_LIMITS.charsC ||
      (sparks(of) && of.house.water !== 'wet'),
    elsewhere: heat.outletJoint > HEAT_LIMITS.charsC,
  };
}

/** It is open inside, whatever its handle looks like. */
const hasTripped = ({ handle, halfReset }: HouseBreaker) => handle === 'tripped' || halfReset;

/** What eyes, ears, nose and the back of a hand tell. */
export const LOOKING: Performs<
  | 'power-loss-extent'
  | 'handle-position'
  | 'handle-finger-test'
  | 'trip-indicator'
  | 'downstream-device'
  | 'upstream-breaker'
  | 'sound'
  | 'smell'
  | 'panel-touch'
  | 'light-behaviour'
  | 'water-signs'
  | 'panel-age'
  | 'recent-change'
  | 'neighbours-power'
> = {
  'power-loss-extent': lossExtent,
  'handle-position': ({ house: { subject } }) => subject.breaker.looks,
  'handle-finger-test': ({ house: { subject } }, random) => {
    const { breaker } = subject;
    if (hasTripped(breaker)) return chance(random, 0.95) ? 'gives' : 'firm';
    return breaker.latches < 1 && chance(random, 0.6) ? 'gives' : 'firm';
  },
  'trip-indicator': ({ house: { subject } }) => {
    if (!subject.breaker.indicator) return 'no-indicator';
    return hasTripped(subject.breaker) ? 'shown' : 'not-shown';
  },
  'downstream-device': ({ house: { subject } }) =>
    subject.device === 'none' ? 'none-found' : subject.device === 'open' ? 'tripped' : 'not-tripped',
  'upstream-breaker': ({ house }) =>
    house.feeder?.closed === false || !house.mainClosed ? 'tripped-or-off' : 'on',
  sound: (of, random) => {
    const { house } = of;
    if (sparks(of) && chance(random, house.water === 'wet' ? 0.3 : 0.6)) return 'sizzle-or-crackle';
    return chance(random, 0.09) ? 'steady-hum' : 'quiet';
  },
  smell: (of, random) => {
    const burnt = charred(of);
    if (burnt.panel && chance(random, 0.6)) return 'hot-plastic';
    // What burns elsewhere smells there.
    return burnt.elsewhere && chance(random, 0.1) ? 'hot-plastic' : 'none';
  },
  'panel-touch': (of) => {
    const { cover, face } = readHeat(workable(of), soaked(of));
    const felt = Math.max(cover, face);
    if (felt > HEAT_LIMITS.faceDangerC) return 'hot';
    return felt - Math.min(airAt(of.house, of.everything), WARMEST_WALL_C) > HEAT_LIMITS.feelsWarmOverC
      ? 'warm'
      : 'cool';
  },
  'light-behaviour': lights,
  'water-signs': ({ house: { water } }) =>
    water === 'wet' ? 'wet-now' : water === 'rust' ? 'condensation-or-rust' : 'dry',
  'panel-age': ({ house }) =>
    house.familyWithdrawn
      ? 'family-withdrawn'
      : house.ageYears > TIME_LIMITS.oldPanelYears
        ? 'over-40-years'
        : 'modern',
  'recent-change': ({ house: { recent } }) => recent,
  'neighbours-power': ({ house: { streetDark } }) => (streetDark ? 'off-too' : 'on'),
};
