import type { Random } from '../../facts/random/index.ts';
import { CAUSE_IDS, type CauseId } from '../../facts/vocabulary/index.ts';
import { soundContactOhms } from './heat.ts';
import type { SimulatedAppliance, House, HouseBreakerKind } from './house.ts';
import { between, chance, gaugeFor, pick, soundHouse, soundBreaker, type Rating } from './soundHouse.ts';

/** Puts one fault into a sound house. */
type Fault = (house: House, random: Random) => void;

const add = (house: House, name: string, amps: number, more: Partial<SimulatedAppliance> = {}) => {
  const one: SimulatedAppliance = {
    name,
    amps,
    surge: null,
    fixed: false,
    outlet: 1,
    shortOhms: Infinity,
    leakOhms: Infinity,
    open: false,
    ...more,
  };
  house.subject.appliances.push(one);
  return one;
};

const largest = ({ subject }: House) => subject.appliances.reduce((a, b) => (b.amps > a.amps ? b : a));
const others = ({ legs }: House['subject']) => (legs[0] === 'A' ? 'B' : 'A');

/** The subject with another kind of breaker, as sound as before. */
function withKind(house: House, random: Random, kind: HouseBreakerKind) {
  const { breaker } = house.subject;
  if (breaker.poles === 2) onePole(house, random);
  house.subject.breaker = soundBreaker(
    random,
    house.subject.breaker.ratingAmps === 15 ? 15 : 20,
    kind,
    1,
    Math.min(house.ageYears, between(random, 1, 20)),
  );
}

/** A plug circuit of one pole. */
function onePole(house: House, random: Random) {
  while (house.subject.breaker.poles === 2) {
    const { subject } = soundHouse(random);
    house.subject = {
      ...subject,
      legs: subject.breaker.poles === 2 ? subject.legs : [house.subject.legs[0]!],
    };
  }
}

/** Loads that together heat it to a share of its rating. */
function loadTo(house: House, share: number) {
  const { subject } = house;
  const now = subject.appliances.reduce((sum, { amps }) => sum + amps, 0);
  const times = (share * subject.breaker.ratingAmps) / now;
  for (const one of subject.appliances) one.amps *= times;
}

/** What each cause is, in copper, springs and volts. */
const FAULTS: Partial<Record<CauseId, Fault>> = {
  overload: (house, random) => {
    onePole(house, random);
    if (chance(random, 0.4)) house.recent = 'new-appliance';
    add(house, 'second heater', house.subject.breaker.ratingAmps * between(random, 0.45, 0.6));
    loadTo(house, between(random, 1.2, 1.75));
  },
  'appliance-fault': (house, random) => {
    onePole(house, random);
    const bad = pick(
      random,
      house.subject.appliances.filter(({ surge }) => !surge),
    );
    const leaks = house.subject.breaker.kind === 'gfci' || house.subject.breaker.kind === 'dual';
    if (leaks && chance(random, 0.5)) bad.leakOhms = between(random, 800, 9000);
    else bad.shortOhms = chance(random, 0.75) ? between(random, 0.05, 0.4) : between(random, 1.2, 3.5);
    if (chance(random, 0.3)) house.recent = 'new-appliance';
  },
  'wiring-short': (house, random) => {
    house.subject.shortOhms = between(random, 0.03, 0.5);
    if (chance(random, 0.5))
      house.recent = pick(random, ['digging-or-drilling', 'new-wiring-or-breaker'] as const);
  },
  'ground-leakage': (house, random) => {
    withKind(house, random, pick(random, ['gfci', 'gfci', 'dual'] as const));
    const ohms = between(random, 1500, 18_000);
    house.subject.wetLeakOhms = ohms;
    house.subject.dryLeakOhms = chance(random, 0.35)
      ? ohms * between(random, 1, 1.3)
      : ohms * between(random, 4, 30);
    if (chance(random, 0.3)) house.water = 'rust';
  },
  'arcing-connection': (house, random) => {
    if (chance(random, 0.55)) withKind(house, random, pick(random, ['afci', 'dual'] as const));
    else onePole(house, random);
    const { subject } = house;
    const where = Math.floor(random() * 3);
    (chance(random, 0.6) ? subject.hotJointOhms : subject.neutralJointOhms)[where] = between(
      random,
      0.15,
      1.2,
    );
    // Now and then it has parted altogether.
    if (chance(random, 0.25)) subject.hotJointOhms[1 + Math.floor(random() * 2)] = 1e6;
    subject.arcsPerMinute = between(random, 0.3, 6);
    if (chance(random, 0.3))
      house.recent = pick(random, ['new-wiring-or-breaker', 'digging-or-drilling'] as const);
  },
  'electronic-unit-fault': (house, random) => {
    withKind(house, random, pick(random, ['gfci', 'afci', 'dual'] as const));
    const { breaker } = house.subject;
    breaker.ageYears = between(random, 4, 20);
    const dead = chance(random, 0.3);
    breaker.nuisancePerHour = dead ? 0 : between(random, 0.1, 1) * (chance(random, 0.5) ? 200 : 1);
    breaker.latches = dead ? 0.05 : 1;
    breaker.button = dead ? 'stays-out' : pick(random, ['dead', 'dead', 'works', 'stays-out'] as const);
  },
  'weak-breaker': (house, random) => {
    const { breaker } = house.subject;
    breaker.kind = 'standard';
    breaker.button = 'none';
    breaker.ageYears = between(random, 15, 50);
    house.ageYears = Math.max(house.ageYears, breaker.ageYears);
    const k = between(random, 0.5, 0.82);
    breaker.thresholdSquared = k * k;
    loadTo(house, Math.min(0.94, k * between(random, 1.06, 1.4)));
    breaker.contactOhms = breaker.contactOhms.map((ohms) => ohms * between(random, 1, 1.6));
  },
  'open-breaker': (house, random) => {
    const { breaker } = house.subject;
    breaker.contactOhms = breaker.contactOhms.map((ohms, pole) =>
      pole === 0 || chance(random, 0.4) ? Infinity : ohms,
    );
    breaker.gritty = chance(random, 0.12);
  },
  'stuck-breaker': (house, random) => {
    const { breaker } = house.subject;
    breaker.welded = chance(random, 0.75);
    breaker.seized = true;
    breaker.gritty = chance(random, 0.5);
    if (breaker.button !== 'none') breaker.button = 'dead';
    house.familyWithdrawn ||= chance(random, 0.3);
    breaker.contactOhms = breaker.contactOhms.map((ohms) => ohms * between(random, 1, 2.5));
    loadTo(house, between(random, 1.1, 2));
  },
  'worn-mechanism': (house, random) => {
    const { breaker } = house.subject;
    breaker.latches = pick(random, [0.02, 0.1, 0.5]);
    breaker.gritty = chance(random, 0.5);
    breaker.ageYears = between(random, 12, 50);
    house.ageYears = Math.max(house.ageYears, breaker.ageYears);
  },
  'loose-terminal': (house, random) => {
    const { breaker } = house.subject;
    breaker.screwOhms = 0.012 * 8 ** random() * (20 / breaker.ratingAmps) ** 1.5;
    breaker.screwArcs = chance(random, 0.35);
    loadTo(house, between(random, 0.55, 0.98));
    if (chance(random, 0.15)) house.recent = 'new-wiring-or-breaker';
  },
  'burnt-stab': (house, random) => {
    const { breaker } = house.subject;
    const dead = chance(random, 0.3);
    breaker.stabOhms = dead ? 400 : between(random, 0.012, 0.08) * (20 / breaker.ratingAmps) ** 1.5;
    breaker.stabArcs = !dead && chance(random, 0.6);
    loadTo(house, between(random, 0.45, 0.85));
  },
  'shared-terminal': (house, random) => {
    const { breaker } = house.subject;
    breaker.shared = true;
    add(house, 'another circuit’s loads', breaker.ratingAmps * between(random, 0.3, 0.6), { fixed: true });
    loadTo(house, between(random, 0.7, 1.35));
    // Rarely an emergency.
    breaker.screwOhms *= between(random, 1, 9);
    if (chance(random, 0.25)) house.recent = 'new-wiring-or-breaker';
  },
  'oversized-breaker': (house, random) => {
    onePole(house, random);
    const { subject } = house;
    const [was, now] = pick(random, [
      [15, 20],
      [20, 30],
      [15, 30],
    ] as const);
    const { kind, ageYears } = subject.breaker;
    subject.breaker = soundBreaker(
      random,
      now,
      kind,
      1,
      chance(random, 0.6) ? between(random, 0, 10) : ageYears,
    );
    subject.gauge = gaugeFor(was);
    // It was fitted because the right one tripped.
    const total = Math.min(0.95 * now, was * between(random, 0.85, 1.5));
    loadTo(house, total / now);
    if (chance(random, 0.25)) house.recent = 'new-wiring-or-breaker';
  },
  'undersized-breaker': (house, random) => {
    const { subject } = house;
    const [now, conductor] = pick(random, [
      [15, 20],
      [20, 30],
      [30, 40],
    ] as const);
    subject.breaker = soundBreaker(random, now, 'standard', subject.breaker.poles, subject.breaker.ageYears);
    subject.gauge = gaugeFor(conductor);
    subject.appliances = [];
    add(house, 'fixed appliance', conductor * between(random, 0.74, 0.87), { fixed: true, outlet: 2 });
    house.recent = pick(random, ['new-appliance', 'new-appliance', 'none', 'new-wiring-or-breaker'] as const);
  },
  'incomplete-reset': (house) => {
    house.subject.breaker.halfReset = true;
  },
  'downstream-device-tripped': (house, random) => {
    onePole(house, random);
    house.subject.device = 'open';
    if (chance(random, 0.2)) house.water = 'rust';
  },
  'upstream-open': (house, random) => {
    if (chance(random, 0.75)) house.feeder = { closed: false };
    else house.mainClosed = false;
  },
  'open-wiring': (house, random) => {
    onePole(house, random);
    const { subject } = house;
    const joints = chance(random, 0.5) ? subject.hotJointOhms : subject.neutralJointOhms;
    joints[pick(random, [0, 1, 1, 2])] = 1e7;
    if (chance(random, 0.35))
      house.recent = pick(random, ['new-wiring-or-breaker', 'digging-or-drilling'] as const);
  },
  'supply-leg-lost': (house, random) => {
    const [leg] = house.subject.legs;
    house.supplyOhms[chance(random, 0.85) ? leg! : others(house.subject)] = chance(random, 0.85)
      ? 1e7
      : between(random, 5, 60);
  },
  'open-neutral': (house, random) => {
    house.supplyOhms.neutral = chance(random, 0.6) ? 1e6 : between(random, 1.5, 12);
    // Seldom are both legs alike.
    const [leg] = house.subject.legs;
    const heavy = chance(random, 0.5) ? leg! : others(house.subject);
    for (const one of house.others) if (one.leg === heavy) one.amps *= between(random, 1.5, 2.5);
  },
  'bus-failing': (house, random) => {
    const [leg] = house.subject.legs;
    house.busOhms[leg!] = between(random, 0.012, 0.06);
    house.busArcs = chance(random, 0.7);
    if (chance(random, 0.25)) house.subject.breaker.stabOhms = 400;
    house.ageYears = between(random, 28, 55);
    house.subject.breaker.ageYears = house.ageYears;
    house.familyWithdrawn = chance(random, 0.4);
    house.subject.breaker.stabOhms *= between(random, 4, 40);
    // Here and there it no longer reaches a breaker.
    if (chance(random, 0.5)) for (const i of [1, 3, 5]) house.others[i]!.dead = chance(random, 0.7);
    for (const one of house.others) if (one.leg === leg) one.amps *= between(random, 1.2, 2.2);
  },
  moisture: (house, random) => {
    house.water = chance(random, 0.25) ? 'wet' : 'rust';
    const { subject } = house;
    subject.breaker.screwOhms *= between(random, 2, 20);
    subject.breaker.stabOhms *= between(random, 2, 15);
    subject.breaker.gritty = chance(random, 0.25);
    subject.wetLeakOhms = between(random, 3000, 60_000);
    subject.dryLeakOhms = between(random, 2e5, 5e6);
  },
  'motor-inrush': (house, random) => {
    onePole(house, random);
    const { breaker } = house.subject;
    breaker.pickup = between(random, 6, 7);
    loadTo(house, 0.12);
    // The first half-wave is higher than the surge that follows it.
    const times = between(random, 10, 14);
    add(house, 'saw', (breaker.pickup * breaker.ratingAmps * between(random, 1.08, 1.35)) / times, {
      surge: { times, seconds: between(random, 0.3, 1.2) },
    });
    if (chance(random, 0.4)) house.recent = 'new-appliance';
  },
  'hot-surroundings': (house, random) => {
    const { breaker } = house.subject;
    // A wall in the sun, an attic, a boiler beside it.
    house.airC = between(random, 28, 32);
    house.hotDayC = between(random, 13, 17);
    const k = between(random, 1, 1.07);
    breaker.thresholdSquared = k * k;
    loadTo(house, between(random, 0.94, 1));
  },
  'supply-outage': (house, random) => {
    house.supplyOhms.A = house.supplyOhms.B = 1e8;
    house.streetDark = chance(random, 0.9);
  },
  'main-breaker-fault': (house, random) => {
    const leg = house.subject.legs[0]!;
    const which = random();
    if (which < 0.5) house.mainOhms[leg] = 1e7;
    else if (which < 0.75) house.mainOhms.A = house.mainOhms.B = 1e7;
    // A tired pole still closes, and cooks.
    else if (which < 0.88) house.mainOhms[leg] = between(random, 0.02, 0.06);
    else {
      house.mainWelded = true;
      house.mainOhms[leg] = between(random, 0.01, 0.04);
    }
    house.ageYears = between(random, 20, 55);
  },
  'shared-neutral-open': (house, random) => {
    onePole(house, random);
    house.subject.breaker.kind = 'standard';
    house.subject.breaker.button = 'none';
    house.sharesNeutral = true;
    house.subject.barOhms = chance(random, 0.7) ? 1e6 : between(random, 8, 60);
    const partner = house.others[0]!;
    partner.leg = others(house.subject);
    partner.amps = between(random, 1, 9);
    if (chance(random, 0.45)) house.recent = 'new-wiring-or-breaker';
  },
  'device-failed': (house) => {
    largest(house).open = true;
  },
  'miswired-protected-unit': (house, random) => {
    withKind(house, random, pick(random, ['gfci', 'dual', 'afci'] as const));
    const { breaker } = house.subject;
    breaker.newlyFitted = true;
    breaker.ageYears = 0;
    breaker.neutralElsewhere = true;
    house.recent = 'new-wiring-or-breaker';
  },
  'wrong-part': (house, random) => {
    const { breaker } = house.subject;
    breaker.listed = false;
    breaker.stabOhms = 0.001 * 14 ** random() * (20 / breaker.ratingAmps) ** 1.5;
    if (chance(random, 0.2)) breaker.stabOhms = 400;
    breaker.stabArcs = breaker.stabOhms < 1 && chance(random, 0.35);
    breaker.ageYears = between(random, 0, 12);
    if (chance(random, 0.7)) house.recent = 'new-wiring-or-breaker';
  },
  'wrong-breaker': (house, random) => {
    onePole(house, random);
    house.fedByOther = chance(random, 0.88) ? 'on' : 'open';
    if (chance(random, 0.3)) house.recent = 'new-wiring-or-breaker';
  },
  backfeed: (house, random) => {
    onePole(house, random);
    house.backfeed = chance(random, 0.6) ? 'circuit' : 'panel';
    house.recent = pick(random, ['new-appliance', 'new-wiring-or-breaker', 'none'] as const);
    // A generator is run when the street is dark, with the main off.
    if (house.backfeed === 'panel' && chance(random, 0.5)) {
      house.supplyOhms.A = house.supplyOhms.B = 1e8;
      house.streetDark = true;
      house.mainClosed = false;
    }
  },
  'neutral-ground-fault': (house, random) => {
    withKind(house, random, pick(random, ['gfci', 'gfci', 'dual'] as const));
    house.subject.neutralGroundOhms = between(random, 0.05, 2);
    if (chance(random, 0.55)) house.recent = 'new-wiring-or-breaker';
    if (chance(random, 0.3)) Object.assign(house.subject.breaker, { newlyFitted: true, ageYears: 0 });
  },
  'no-fault': (house, random) => {
    const { breaker } = house.subject;
    house.water = 'dry';
    const was = random();
    // Thrown once by a surge of the street; bumped; or nothing at all.
    if (was < 0.25) breaker.handle = 'tripped';
    else if (was < 0.35) Object.assign(breaker, { handle: 'off', looks: 'off' });
  },
};

/** The causes of which a house can be made; the study tells which it leaves out. */
export const SIMULATED_CAUSES = CAUSE_IDS.filter((cause) => FAULTS[cause]);

/**
 * A house with one fault in it.
 *
 * @example faultyHouse('open-breaker', seeded(1)).subject.breaker.contactOhms // [Infinity]
 */
export const faultyHouse = (cause: CauseId, random: Random): House => houseWith([cause], random);

/** A house with some faults in it, planted one after the other on a plug circuit; it is called by the first. */
export function houseWith(causes: readonly CauseId[], random: Random, load?: number): House {
  const house = soundHouse(random);
  if (causes.length > 1) onePole(house, random);
  for (const cause of causes) {
    const plant = FAULTS[cause];
    if (!plant) throw new Error(`No fault is simulated for the cause ${cause}.`);
    plant(house, random);
  }
  if (load !== undefined) loadTo(house, load);
  house.cause = causes[0]!;
  return house;
}

/** A known good breaker of the same kind in its place: its screw is made anew, the bus is what it was. */
export function withGoodBreaker(house: House, random: Random): House {
  const { subject } = house;
  const { ratingAmps, kind, poles, stabOhms, stabArcs, neutralElsewhere, shared } = subject.breaker;
  const good = soundBreaker(random, ratingAmps as Rating, kind, poles, 1);
  // Most who swap it make its screw as it should be.
  const screw = chance(random, 0.75)
    ? {}
    : { screwOhms: subject.breaker.screwOhms, screwArcs: subject.breaker.screwArcs };
  // A stab that burnt the old one burns the new one; one that was only the wrong part’s does not.
  const bus = subject.breaker.listed ? { stabOhms, stabArcs } : {};
  return {
    ...house,
    subject: {
      ...subject,
      breaker: {
        ...good,
        contactOhms: subject.breaker.contactOhms.map(() => soundContactOhms(ratingAmps)),
        neutralElsewhere,
        shared,
        ...bus,
        ...screw,
      },
    },
  };
}
