import { soundBreakers } from '../../physics/profile/index.ts';
import type { Random } from '../../facts/random/index.ts';
import { soundContactOhms, soundJointOhms } from './heat.ts';
import type { SimulatedAppliance, SimulatedCircuit, House, HouseBreaker, HouseBreakerKind } from './house.ts';

export const between = (random: Random, from: number, to: number): number => from + (to - from) * random();
export const pick = <T>(random: Random, list: readonly T[]): T => list[Math.floor(random() * list.length)]!;
export const chance = (random: Random, share: number): boolean => random() < share;

/** Copper that goes with a rating. */
const GAUGE_FOR = { 15: '14', 20: '12', 30: '10', 40: '8', 50: '6' } as const;
export type Rating = keyof typeof GAUGE_FOR;
export const gaugeFor = (ratingAmps: Rating) => GAUGE_FOR[ratingAmps];

/** A sound breaker. */
export function soundBreaker(
  random: Random,
  ratingAmps: Rating,
  kind: HouseBreakerKind,
  poles: 1 | 2,
  ageYears: number,
): HouseBreaker {
  const bimetal = soundBreakers(ratingAmps, 25)(random);
  const spread = between(random, 0.9, 1.1);
  return {
    kind,
    ratingAmps,
    poles,
    ageYears,
    newlyFitted: chance(random, 0.06),
    thresholdSquared: bimetal.thresholdSquared,
    tauSeconds: bimetal.tauSeconds,
    pickup: Math.max(7, bimetal.pickup),
    contactOhms: Array.from({ length: poles }, () => soundContactOhms(ratingAmps) * spread),
    welded: false,
    seized: false,
    latches: 1,
    gritty: false,
    nuisancePerHour: 0,
    button: kind === 'standard' ? 'none' : 'works',
    neutralElsewhere: false,
    indicator: chance(random, 0.5),
    listed: true,
    stabOhms: soundJointOhms(ratingAmps) * spread,
    screwOhms: soundJointOhms(ratingAmps) * spread,
    stabArcs: false,
    screwArcs: false,
    shared: false,
    handle: 'on',
    looks: 'on',
    halfReset: false,
  };
}

const NAMES = [
  'heater',
  'kettle',
  'lamp',
  'computer',
  'iron',
  'vacuum cleaner',
  'dryer',
  'television',
  'charger',
];

/** What people plug in: a few small things, one or two large ones; together within the rating as a rule. */
function appliances(random: Random, ratingAmps: number, poles: 1 | 2): SimulatedAppliance[] {
  const one = (name: string, amps: number, more: Partial<SimulatedAppliance> = {}): SimulatedAppliance => ({
    name,
    amps,
    surge: null,
    fixed: false,
    outlet: pick(random, [0, 1, 2] as const),
    shortOhms: Infinity,
    leakOhms: Infinity,
    open: false,
    ...more,
  });
  if (poles === 2)
    return [one('fixed appliance', ratingAmps * between(random, 0.45, 0.75), { fixed: true, outlet: 2 })];
  const count = 2 + Math.floor(random() * 3);
  const budget = ratingAmps * between(random, 0.45, 0.75);
  const shares = Array.from({ length: count }, () => 0.2 + random());
  const total = shares.reduce((a, b) => a + b, 0);
  const plugged = shares.map((share, i) => one(NAMES[i]!, (budget * share) / total));
  const motor = one('fridge', between(random, 0.8, 1.6), {
    surge: { times: between(random, 4, 6), seconds: between(random, 0.2, 0.6) },
  });
  return chance(random, 0.5) ? [...plugged, motor] : plugged;
}

const KINDS: readonly HouseBreakerKind[] = ['standard', 'standard', 'standard', 'gfci', 'afci', 'dual'];

/** A run of wire with nothing wrong on it. */
function soundCircuit(random: Random, breaker: HouseBreaker, legs: ('A' | 'B')[]): SimulatedCircuit {
  return {
    breaker,
    legs,
    gauge: gaugeFor(breaker.ratingAmps as Rating),
    metres: between(random, 6, 22),
    appliances: appliances(random, breaker.ratingAmps, breaker.poles),
    hotJointOhms: [0, 1, 2].map(() => between(random, 0.001, 0.004)),
    neutralJointOhms: [0, 1, 2].map(() => between(random, 0.001, 0.004)),
    barOhms: between(random, 0.0003, 0.001),
    shortOhms: Infinity,
    dryLeakOhms: Infinity,
    wetLeakOhms: Infinity,
    neutralGroundOhms: Infinity,
    arcsPerMinute: 0,
    device: chance(random, 0.4) ? 'closed' : 'none',
  };
}

/**
 * A house in which nothing is wrong.
 *
 * @example soundHouse(seeded(1)).cause // 'none'
 */
export function soundHouse(random: Random): House {
  const ageYears = between(random, 1, 55);
  const poles = chance(random, 0.12) ? 2 : 1;
  const ratingAmps = poles === 2 ? pick(random, [30, 40, 50] as const) : pick(random, [15, 20] as const);
  const kind = poles === 2 ? 'standard' : ageYears > 30 ? 'standard' : pick(random, KINDS);
  const leg = pick(random, ['A', 'B'] as const);
  const other = leg === 'A' ? 'B' : 'A';
  const breaker = soundBreaker(
    random,
    ratingAmps,
    kind,
    poles,
    chance(random, 0.8) ? ageYears : between(random, 0, ageYears),
  );
  const others = Array.from({ length: 11 }, (_, i) => ({
    leg: i % 2 === 0 ? other : leg,
    amps: between(random, 0.5, 5),
    dead: false,
  }));
  return {
    emf: between(random, 119, 123.5),
    supplyOhms: {
      A: between(random, 0.015, 0.035),
      B: between(random, 0.015, 0.035),
      neutral: between(random, 0.015, 0.03),
    },
    mainOhms: { A: 0.0006, B: 0.0006 },
    busOhms: { A: 0.0004, B: 0.0004 },
    busArcs: false,
    mainWelded: false,
    feeder: chance(random, 0.2) ? { closed: true } : null,
    mainClosed: true,
    fedByOther: null,
    backfeed: null,
    subject: soundCircuit(random, breaker, poles === 2 ? [leg, other] : [leg]),
    others,
    acrossAmps: chance(random, 0.6) ? between(random, 8, 25) : 0,
    sharesNeutral: false,
    airC: between(random, 14, 26),
    hotDayC: between(random, 4, 10),
    water: chance(random, 0.04) ? 'rust' : 'dry',
    streetDark: false,
    ageYears,
    familyWithdrawn: ageYears > 35 && chance(random, 0.25),
    recent: chance(random, 0.24)
      ? pick(random, [
          'new-appliance',
          'new-appliance',
          'new-wiring-or-breaker',
          'digging-or-drilling',
        ] as const)
      : 'none',
    cause: 'none',
  };
}
