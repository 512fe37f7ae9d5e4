import { median } from '../quantities/index.ts';
import { normal, type Random } from '../random/index.ts';
import { SMALL_CONDUCTOR_LIMIT_AMPS, LINE_VOLTAGE, voltageWord } from '../standards/index.ts';
import { judgeTrip } from '../trip/index.ts';
import type { OutcomeOf, TestId } from '../vocabulary/index.ts';
import { sparks } from './dangers.ts';
import { withGoodUnit } from './faults.ts';
import { heatOf, soundContactOhms, soundJointOhms } from './heat.ts';
import { daysBefore, trips } from './history.ts';
import { NOTHING_ON, type House, type Moment } from './house.ts';
import { readAmps, readHeat, readVolts } from './instruments.ts';
import { reported, type SimulatedCase } from './simulatedCase.ts';
import { chance } from './soundHouse.ts';
import { trial, withHandleOn } from './trial.ts';
import { energised } from './wiring.ts';

type Perform = { [T in TestId]: (of: SimulatedCase, random: Random) => OutcomeOf<T> };

const DEAD_VOLTS = 65;
/** The wall beside the panel is hardly warmer than this, °C. */
const ROOM_C = 26;
const HALF_DAY = 5 * 3600;

/** Everything is unplugged or switched off. */
const bare = ({ everything }: SimulatedCase): Moment => ({ ...everything, on: new Set() });

/** Without what is shorted: nobody measures with that plugged in. */
const measurable = ({ house }: SimulatedCase, moment: Moment): Moment => ({
  ...moment,
  starting: new Set(),
  on: new Set(
    house.subject.appliances
      .filter(({ name, shortOhms }) => moment.on.has(name) && shortOhms === Infinity)
      .map(({ name }) => name),
  ),
});

/** Switched on as a person would leave it: what was on when it tripped is on, or some of it. */
const asItWas = ({ house, everything, days, lighter }: SimulatedCase): Moment => {
  const last = [...(trips(days).at(-1)?.on ?? everything.on)];
  const on = new Set(lighter && last.length > 1 ? last.slice(0, Math.ceil(last.length / 2)) : last);
  const motors = house.subject.appliances.filter(({ surge, name }) => surge && on.has(name));
  return { ...everything, on, starting: new Set(motors.map(({ name }) => name)) };
};

/** The subject pushed fully off and on, unless somebody thinks it is on and it is not. */
const asFound = (of: SimulatedCase): SimulatedCase =>
  of.house.subject.unit.halfReset && !of.resetDone ? of : { ...of, house: withHandleOn(of.house) };

/** Whether it stays on long enough to be measured. */
function staysOn(of: SimulatedCase, random: Random): boolean {
  const { openedAfter } = trial(of.house, bare(of), 300, random);
  return openedAfter === null || openedAfter > 30;
}

/** As it can be measured at: on, if it stays on with what can be unplugged unplugged; else off. */
function workable(of: SimulatedCase): SimulatedCase {
  const found = asFound(of);
  if (staysOn(found, of.randomFor('stays on'))) return found;
  const { house } = found;
  const unit = { ...house.subject.unit, handle: 'tripped' as const };
  return { ...found, house: { ...house, subject: { ...house.subject, unit } } };
}

const share = (of: SimulatedCase, amps: number) => (100 * amps) / of.house.subject.unit.ratingAmps;
function shareWord(percent: number): OutcomeOf<'clamp-current'> {
  if (percent < 80) return 'under-80';
  if (percent <= 100) return '80-to-100';
  return percent <= 135 ? '100-to-135' : 'over-135';
}

function overWord<A extends string, B extends string, C extends string>(
  kelvin: number,
  [a, b, c]: [A, B, C],
): A | B | C {
  if (kelvin <= 3) return a;
  return kelvin <= 15 ? b : c;
}

/** Dead things: outlets of the subject, other circuits. */
function dead(of: SimulatedCase) {
  const { house, trippedNow, everything } = of;
  const live = energised(house, measurable(of, everything));
  const outlets = [0, 1, 2].filter((outlet) => trippedNow || live.outletVolts(outlet) < DEAD_VOLTS);
  return { outlets, others: house.others.map((_one, i) => live.otherVolts(i) < DEAD_VOLTS) };
}

function lossExtent(of: SimulatedCase): OutcomeOf<'power-loss-extent'> {
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
  const { unit, arcsPerMinute, appliances } = on.subject;
  const few = { ...of.everything, on: fewest(of) };
  const sound = appliances.filter(({ shortOhms }) => shortOhms === Infinity);
  const before = energised(on, few);
  const after = energised(on, { ...few, on: new Set(sound.map(({ name }) => name)) });
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
  if ((unit.stabArcs || unit.screwArcs || arcsPerMinute > 0.5) && chance(random, 0.65))
    return 'flicker-one-circuit';
  const motors = appliances.filter(({ surge }) => surge !== null).map(({ name }) => name);
  const start = energised(on, { ...few, on: new Set([...few.on, ...motors]), starting: new Set(motors) });
  const volts = before.outletVolts(2);
  return volts > DEAD_VOLTS && volts - start.outletVolts(2) > 0.035 * volts ? 'dims-on-start' : 'steady';
}

/** Everything on for hours; where that trips it, as much as it holds. */
function soaked({ house, everything }: SimulatedCase): Moment {
  const { appliances, unit } = house.subject;
  let sum = 0;
  const on = [...appliances]
    .sort((a, b) => b.amps - a.amps)
    .filter(({ amps, shortOhms }) => {
      const fits = shortOhms === Infinity && (sum + amps <= 1.05 * unit.ratingAmps || unit.seized);
      if (fits) sum += amps;
      return fits;
    });
  return { ...everything, on: new Set(on.map(({ name }) => name)) };
}

/** Something in the panel or on the circuit has been so hot that it smells, or looks, burnt. */
function charred(of: SimulatedCase): { panel: boolean; elsewhere: boolean } {
  const heat = heatOf(workable(of).house, soaked(of));
  const short = of.house.subject.appliances.some(({ shortOhms }) => shortOhms < 1);
  return {
    panel: Math.max(heat.screw, heat.stab, heat.bus) > 85 || (sparks(of) && of.house.water !== 'wet'),
    elsewhere: heat.outletJoint > 85 || short,
  };
}

function overloadedForLong(of: SimulatedCase): boolean {
  return of.days.some(
    ({ trial: { amps, openedAfter }, seconds }) =>
      openedAfter === null && seconds > 3700 && amps > 1.4 * of.house.subject.unit.ratingAmps,
  );
}

/** The latest trip by heat or by electronics that somebody timed. */
function againstCurve(of: SimulatedCase, random: Random): OutcomeOf<'trip-vs-curve'> {
  if (overloadedForLong(of)) return 'too-late-or-never';
  const { ratingAmps, kind } = of.house.subject.unit;
  // What electronics do is held against no curve.
  if (kind !== 'standard') return 'within-band';
  const timed = trips(of.days).findLast(({ trial: { openedAfter } }) => openedAfter! > 2);
  if (!timed) return 'within-band';
  const { amps, openedAfter } = timed.trial;
  const verdict = judgeTrip(
    { ratingAmps, amps: amps * (1 + 0.03 * normal(random)) },
    openedAfter! * (1 + 0.1 * normal(random)),
  );
  return verdict === 'too-late' ? 'too-late-or-never' : verdict;
}

function resetOutcome(openedAfter: number | null): OutcomeOf<'reset-result'> {
  if (openedAfter === null) return 'holds';
  if (openedAfter < 1.5) return 'trips-at-once';
  if (openedAfter < 60) return 'trips-in-seconds';
  return openedAfter < 3600 ? 'trips-in-minutes' : 'trips-after-hours';
}

const parallel = (...ohms: number[]) => 1 / ohms.reduce((sum, one) => sum + 1 / one, 0);

/** What somebody would complain of: it trips, nothing comes out, too many volts, heat, sparks, it never opens. */
function symptoms(of: SimulatedCase, house: House, random: Random): Set<string> {
  const live = energised(house, { ...of.everything, on: fewest(of) });
  const hot = heatOf(house, soaked(of));
  const volts = [0, 1, 2].map(live.outletVolts);
  const { unit, arcsPerMinute, appliances } = house.subject;
  const signs = {
    trips: trips(daysBefore(house, random)).length > 0,
    dead: Math.min(...volts) < LINE_VOLTAGE.low || appliances.some(({ open }) => open),
    high: Math.max(...volts) > LINE_VOLTAGE.high,
    hot: hot.face - hot.peerFace > 6,
    sparks: unit.stabArcs || unit.screwArcs || arcsPerMinute > 0 || house.busArcs || house.water === 'wet',
    stuck: unit.welded || unit.seized,
    shared: unit.shared,
  };
  return new Set(Object.entries(signs).flatMap(([sign, is]) => (is ? [sign] : [])));
}

/** Each test of the vocabulary, done on a simulated house as a person would do it. */
const PERFORM: Perform = {
  'power-loss-extent': lossExtent,
  'handle-position': ({ house: { subject } }) => subject.unit.looks,
  'handle-finger-test': ({ house: { subject }, trippedNow }, random) => {
    const { unit } = subject;
    if (trippedNow || unit.halfReset) return chance(random, 0.95) ? 'gives' : 'firm';
    return unit.latches < 1 && chance(random, 0.6) ? 'gives' : 'firm';
  },
  'trip-indicator': ({ house: { subject }, trippedNow }) => {
    if (!subject.unit.indicator) return 'no-indicator';
    return trippedNow || subject.unit.halfReset ? 'shown' : 'not-shown';
  },
  'reset-feel': (of, random) => {
    const { unit } = of.house.subject;
    if (unit.gritty && chance(random, 0.85)) return 'hard-or-gritty';
    if (unit.welded && chance(random, 0.6)) return 'no-off-click';
    if (unit.seized && chance(random, 0.6)) return 'hard-or-gritty';
    const once = trial(of.house, asItWas(of), 2, random);
    if (!once.latched) return 'will-not-latch';
    // A snap as it closes feels like a latch that does not catch.
    if (once.openedAfter !== null && once.openedAfter < 0.1 && chance(random, 0.35)) return 'will-not-latch';
    return unit.halfReset && !of.resetDone ? 'no-off-click' : 'clean-clicks';
  },
  'reset-result': (of, random) => resetOutcome(trial(of.house, asItWas(of), HALF_DAY, random).openedAfter),
  'reset-result-unplugged': (of, random) => {
    const { openedAfter } = trial(of.house, bare(of), HALF_DAY, random);
    if (openedAfter === null) return 'holds';
    return openedAfter < 1.5 ? 'trips-at-once' : 'trips-later';
  },
  'power-after-reset': (of, random) => {
    const on = { ...of, house: withHandleOn(of.house) };
    if (!staysOn(of, random)) return 'still-dead';
    const live = energised(on.house, of.everything);
    const lit = of.house.subject.appliances.some(({ open }) => open) || live.outletVolts(2) < DEAD_VOLTS;
    return lit ? 'still-dead' : 'restored';
  },
  'trip-pattern': ({ pattern }) => pattern.pattern,
  'trips-on-record': (of, random) => {
    const all = trips(of.days).map((one) => one.trial);
    const { ratingAmps } = of.house.subject.unit;
    if (
      chance(random, 0.7) &&
      all.some(({ startAmps, openedAfter }) => openedAfter! < 1.5 && startAmps > 5 * ratingAmps)
    )
      return 'after-dead-short';
    if (all.length < 2) return 'first-time';
    return all.filter(({ openedAfter }) => openedAfter! > 10).length > 3 ? 'many-overload' : 'few';
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
    return burnt.elsewhere && chance(random, 0.25) ? 'hot-plastic' : 'none';
  },
  'panel-touch': (of) => {
    const { cover, face } = readHeat(workable(of), soaked(of));
    const felt = Math.max(cover, face);
    if (felt > 60) return 'hot';
    return felt - Math.min(of.house.airC, ROOM_C) > 14 ? 'warm' : 'cool';
  },
  'light-behaviour': lights,
  'water-signs': ({ house: { water } }) =>
    water === 'wet' ? 'wet-now' : water === 'rust' ? 'condensation-or-rust' : 'dry',
  'panel-age': ({ house }) =>
    house.familyWithdrawn ? 'family-withdrawn' : house.ageYears > 40 ? 'over-40-years' : 'modern',
  'test-button': ({ house: { subject } }) => {
    switch (subject.unit.button) {
      case 'none':
        return 'no-button';
      case 'works':
        return subject.unit.latches < 0.5 ? 'will-not-reset' : 'trips-and-resets';
      case 'dead':
        return 'does-not-trip';
      case 'stays-out':
        return 'will-not-reset';
    }
  },
  'recent-change': ({ house: { recent } }) => recent,
  'load-share': (of, random) => {
    const last = trips(of.days).at(-1);
    const on = last?.on ?? of.everything.on;
    const amps = of.house.subject.appliances
      .filter(({ name, open }) => on.has(name) && !open)
      .reduce((sum, one) => sum + one.amps, 0);
    return shareWord(share(of, amps * (1 + 0.04 * normal(random))));
  },
  'appliance-check': (of, random) => {
    const suspect = of.house.subject.appliances.find(({ name }) => name === of.pattern.suspect);
    const bad =
      suspect && (suspect.shortOhms < Infinity || (suspect.leakOhms < Infinity && chance(random, 0.7)));
    const starts = suspect?.surge && suspect.surge.times * suspect.amps > (12 * random() + 6) * 20;
    return bad || starts ? 'trips-there-too' : 'fine-there';
  },
  'outlet-voltage': (of) =>
    voltageWord(readVolts(workable(of), 'outlet', { ...of.everything, on: fewest(of) })),
  'outlet-sag': (of) => {
    const found = workable(of);
    const idle = readVolts(found, 'outlet', NOTHING_ON);
    const loaded = readVolts(found, 'outlet', NOTHING_ON, { knownLoadAmps: 12 });
    // Where there is nothing, nothing drops.
    if (idle < DEAD_VOLTS) return 'under-3-percent';
    const percent = (100 * (idle - loaded)) / idle;
    if (percent < 3) return 'under-3-percent';
    return percent <= 6 ? '3-to-6-percent' : 'over-6-percent';
  },
  'outlet-wiring': (of, random) => {
    const { neutralJointOhms, barOhms } = of.house.subject;
    if (Math.max(...neutralJointOhms, barOhms) > 5) return 'open-neutral';
    if (chance(random, 0.05)) return 'open-ground';
    return chance(random, 0.02) ? 'reversed' : 'correct';
  },
  'face-temperature': (of) => {
    const { face, peerFace } = readHeat(workable(of), soaked(of));
    return overWord(face - peerFace, ['like-neighbours', '3-to-15-over', 'over-15-over']);
  },
  'load-terminal-voltage': (of, random) => {
    const found = asFound(of);
    // On one that will not stay on most free its conductor first; others measure it open.
    if (!staysOn(found, of.randomFor('stays on'))) return chance(random, 0.4) ? 'zero' : 'normal';
    const moment = { ...of.everything, on: fewest(of) };
    const poles = [voltageWord(readVolts(found, 'load-terminal', moment))];
    if (of.house.subject.unit.poles === 2)
      poles.push(voltageWord(readVolts(found, 'load-terminal-2', moment)));
    const zero = poles.filter((word) => word === 'zero').length;
    if (zero === poles.length) return 'zero';
    if (zero > 0) return 'one-pole-zero';
    return poles.includes('low') ? 'low' : 'normal';
  },
  'line-side-voltage': (of) => {
    const calm = workable(of);
    const quiet = { ...of.everything, on: fewest(of) };
    // In a sub-panel its own lugs are meant; with half or all of the house dead, the main’s.
    const wide = ['whole-house', 'half-the-house'].includes(lossExtent(of));
    const at = of.house.feeder && !wide ? 'bus' : 'line';
    const [a, b] = [readVolts(calm, `${at} A`, quiet), readVolts(calm, `${at} B`, quiet)];
    const missing = [a, b].filter((volts) => volts < DEAD_VOLTS).length;
    if (missing === 2) return 'both-missing';
    if (missing === 1) return 'one-leg-missing';
    return Math.abs(a - b) > LINE_VOLTAGE.legsUnequal ? 'legs-unequal' : 'both-legs-normal';
  },
  'clamp-current': (of) => shareWord(share(of, readAmps(workable(of), measurable(of, asItWas(of))))),
  'trip-vs-curve': againstCurve,
  'terminal-temperature': (of) => {
    const { screw, peerScrew } = readHeat(workable(of), soaked(of));
    return overWord(screw - peerScrew, ['like-peers', '3-to-15-over', 'over-15-over']);
  },
  'millivolt-drop': (of, random) => {
    const { unit } = of.house.subject;
    // Some put their lead to the bus, some to the jaw.
    const ohms =
      (chance(random, 0.5) ? unit.stabOhms : 0) + median(unit.contactOhms.filter((one) => one < Infinity))!;
    const peers =
      (soundContactOhms(unit.ratingAmps) + soundJointOhms(unit.ratingAmps)) * (1 + 0.12 * normal(random));
    if (!(ohms / peers > 1.5)) return 'like-peers';
    return ohms / peers > 3 ? 'high' : 'raised';
  },
  'load-wire-lifted': (of, random) => {
    const bare: House = {
      ...of.house,
      subject: {
        ...of.house.subject,
        shortOhms: Infinity,
        dryLeakOhms: Infinity,
        wetLeakOhms: Infinity,
        arcsPerMinute: 0,
      },
    };
    return trial(bare, NOTHING_ON, 1800, random).openedAfter === null ? 'holds' : 'trips';
  },
  'insulation-resistance': (of, random) => {
    const { subject } = of.house;
    const leak = of.everything.wet ? subject.wetLeakOhms : subject.dryLeakOhms;
    const ohms = parallel(subject.shortOhms, leak, 2e7) * (1 + 0.1 * normal(random));
    if (ohms < 2000) return 'near-zero';
    return ohms < 1e6 ? 'under-1-megohm' : 'over-1-megohm';
  },
  'terminal-inspection': (of, random) => {
    const { unit } = of.house.subject;
    if (unit.shared) return 'two-wires-one-terminal';
    const { screw } = heatOf(workable(of).house, soaked(of));
    if (screw > 85 && chance(random, 0.8)) return 'discoloured-or-melted';
    if (of.house.water !== 'dry' && unit.screwOhms > 1.8 * soundJointOhms(unit.ratingAmps)) return 'corroded';
    return unit.screwOhms > 8 * soundJointOhms(unit.ratingAmps) ? 'loose' : 'clean-and-tight';
  },
  'stab-inspection': ({ house: { subject } }) =>
    subject.unit.stabOhms > 8 * soundJointOhms(subject.unit.ratingAmps) ? 'pitted-or-burnt' : 'clean',
  'conductor-vs-breaker': ({ house: { subject } }) => {
    const limit =
      SMALL_CONDUCTOR_LIMIT_AMPS.copper[subject.gauge] ?? { 8: 40, 6: 55 }[subject.gauge as '8' | '6'];
    if (subject.unit.ratingAmps > limit) return 'wire-too-small';
    return subject.unit.ratingAmps < 0.8 * limit ? 'wire-has-room' : 'matched';
  },
  'known-good-swap': (of, random) => {
    const before = symptoms(of, asFound(of).house, random);
    const after = symptoms(of, withGoodUnit(of.house, random), random);
    const gone = [...before].filter((one) => !after.has(one));
    return before.size > 0 && gone.length === before.size
      ? 'fault-stays-with-breaker'
      : 'fault-follows-circuit';
  },
  'leg-balance': (of) => {
    const live = energised(workable(of).house, { ...of.everything, on: fewest(of) });
    const [a, b] = [Math.abs(live.amps(live.main.A)), Math.abs(live.amps(live.main.B))];
    const apart = Math.abs(a - b);
    return apart > 0.25 * Math.max(a, b) && apart > 10 ? 'unbalanced' : 'balanced';
  },
  'main-off-check': ({ house }) => (house.mainWelded ? 'still-live' : 'dead-as-expected'),
  'neighbours-power': ({ house: { streetDark } }) => (streetDark ? 'off-too' : 'on'),
  'branch-off-check': ({ house: { subject } }) => (subject.unit.welded ? 'still-live' : 'dead-as-expected'),
  'button-after-fitting': (of, random) => {
    const { unit } = of.house.subject;
    if (!unit.newlyFitted || unit.kind === 'standard') return 'not-newly-fitted';
    const { openedAfter } = trial(of.house, of.everything, 60, random);
    return openedAfter === null ? 'holds' : 'trips-as-soon-as-loaded';
  },
  'main-load-side-voltage': (of) => {
    const live = energised(workable(of).house, { ...of.everything, on: fewest(of) });
    const missing = ['bus A', 'bus B'].filter(
      (bus) => Math.abs(live.volts(bus) - live.volts('bar')) < DEAD_VOLTS,
    ).length;
    return missing === 2 ? 'both-missing' : missing === 1 ? 'one-missing' : 'both-normal';
  },
  'neutral-joint-inspection': ({ house: { subject } }) => {
    if (subject.unit.neutralElsewhere) return 'on-the-wrong-bar';
    return subject.barOhms > 0.05 ? 'loose-or-burnt' : 'clean-and-tight';
  },
  'part-match': ({ house: { subject } }) => (subject.unit.listed ? 'listed' : 'not-listed'),
};

/** Only the smallest load is left on. */
function fewest({ house }: SimulatedCase): Set<string> {
  const [least] = [...house.subject.appliances].sort((a, b) => a.amps - b.amps);
  return new Set(least && least.shortOhms === Infinity ? [least.name] : []);
}

/**
 * Do a test on a simulated house: what a person would report, errors and slips included. The same test gives the same
 * outcome however often it is done and whatever was done before.
 *
 * @example perform(simulatedCase('supply-outage', 1), 'power-loss-extent') // 'whole-house'
 */
export function perform<T extends TestId>(of: SimulatedCase, test: T): string {
  return reported(of, test, PERFORM[test](of, of.randomFor(test)));
}
