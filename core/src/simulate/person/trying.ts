import { VOLTAGE_LIMITS, TIME_LIMITS } from '../../facts/limits/index.ts';
import { normal, type Random } from '../../facts/random/index.ts';
import { resetOutcome } from '../../diagnosis/evidence/index.ts';
import { paceOf } from '../../record/entities/index.ts';
import { judgeTrip } from '../../physics/trip/index.ts';
import type { OutcomeOf } from '../../facts/vocabulary/index.ts';
import {
  withGoodBreaker,
  heatOf,
  daysBefore,
  trips,
  NOTHING_ON,
  type House,
  chance,
  switchOn,
  withHandleOn,
  energised,
} from '../house/index.ts';
import { asFound, asItWas, bare, fewest, measurable, soaked, holdsForMeasuring } from './moments.ts';
import { SIMULATED_DEAD_VOLTS, type Performs } from './performs.ts';
import type { SimulatedCase } from './simulatedCase.ts';

/** So long somebody waits after a reset, s. */
const WAITED_AFTER_RESET = 5 * 3600;

/** How soon it opened; `null`: it held. */
const soon = (openedAfter: number | null) => (openedAfter === null ? null : paceOf(openedAfter));

function overloadedForLong(of: SimulatedCase): boolean {
  return of.days.some(
    ({ trial: { amps, openedAfter }, seconds }) =>
      openedAfter === null &&
      seconds > TIME_LIMITS.mustOpenSeconds &&
      amps > 1.4 * of.house.subject.breaker.ratingAmps,
  );
}

/** The latest trip by heat that somebody timed: what ran, A, and for how long, s. */
export function timedTrip(of: SimulatedCase, random: Random): { amps: number; seconds: number } | null {
  // What electronics do is held against no curve.
  if (of.house.subject.breaker.kind !== 'standard') return null;
  const timed = trips(of.days).findLast(({ trial: { openedAfter } }) => openedAfter! > 2);
  if (!timed) return null;
  const { amps, openedAfter } = timed.trial;
  return {
    amps: amps * (1 + 0.03 * normal(random)),
    seconds: openedAfter! * (1 + 0.1 * normal(random)),
  };
}

function againstCurve(of: SimulatedCase, random: Random): OutcomeOf<'trip-vs-curve'> {
  if (overloadedForLong(of)) return 'too-late-or-never';
  const timed = timedTrip(of, random);
  if (!timed) return 'within-band';
  const { ratingAmps } = of.house.subject.breaker;
  const verdict = judgeTrip({ ratingAmps, amps: timed.amps }, timed.seconds);
  return verdict === 'too-late' ? 'too-late-or-never' : verdict;
}

/** What somebody would complain of: it trips, nothing comes out, too many volts, heat, sparks, it never opens. */
function symptoms(of: SimulatedCase, house: House, random: Random): Set<string> {
  const live = energised(house, { ...of.everything, on: fewest(of) });
  const hot = heatOf(house, soaked(of));
  const volts = [0, 1, 2].map(live.outletVolts);
  const { breaker, arcsPerMinute, appliances } = house.subject;
  const signs = {
    trips: trips(daysBefore(house, random)).length > 0,
    dead: Math.min(...volts) < VOLTAGE_LIMITS.low || appliances.some(({ open }) => open),
    high: Math.max(...volts) > VOLTAGE_LIMITS.high,
    hot: hot.face - hot.peerFace > 6,
    sparks:
      breaker.stabArcs || breaker.screwArcs || arcsPerMinute > 0 || house.busArcs || house.water === 'wet',
    stuck: breaker.welded || breaker.seized,
    shared: breaker.shared,
  };
  return new Set(Object.entries(signs).flatMap(([sign, is]) => (is ? [sign] : [])));
}

/** What is found by switching it on, by swapping it, and in what was noted before. */
export const TRYING: Performs<
  | 'reset-feel'
  | 'reset-result'
  | 'reset-result-unplugged'
  | 'power-after-reset'
  | 'trip-pattern'
  | 'trips-on-record'
  | 'trip-vs-curve'
  | 'test-button'
  | 'appliance-check'
  | 'load-wire-lifted'
  | 'known-good-swap'
  | 'branch-off-check'
  | 'main-off-check'
  | 'button-after-fitting'
> = {
  'reset-feel': (of, random) => {
    const { breaker } = of.house.subject;
    if (breaker.gritty && chance(random, 0.85)) return 'hard-or-gritty';
    if (breaker.welded && chance(random, 0.6)) return 'no-off-click';
    if (breaker.seized && chance(random, 0.6)) return 'hard-or-gritty';
    const once = switchOn(of.house, asItWas(of), 2, random);
    if (!once.latched) return 'will-not-latch';
    // A trip as it closes feels like a latch that does not catch.
    if (once.openedAfter !== null && once.openedAfter < TIME_LIMITS.magneticSeconds && chance(random, 0.35))
      return 'will-not-latch';
    return breaker.halfReset && !of.resetDone ? 'no-off-click' : 'clean-clicks';
  },
  'reset-result': (of, random) =>
    resetOutcome(soon(switchOn(of.house, asItWas(of), WAITED_AFTER_RESET, random).openedAfter), false),
  'reset-result-unplugged': (of, random) =>
    resetOutcome(soon(switchOn(of.house, bare(of), WAITED_AFTER_RESET, random).openedAfter), true),
  'power-after-reset': (of, random) => {
    if (!holdsForMeasuring(of, random)) return 'still-dead';
    const live = energised(withHandleOn(of.house), measurable(of, of.everything));
    const dark =
      of.house.subject.appliances.some(({ open }) => open) || live.outletVolts(2) < SIMULATED_DEAD_VOLTS;
    return dark ? 'still-dead' : 'restored';
  },
  'trip-pattern': ({ pattern }) => pattern.pattern,
  'trips-on-record': (of, random) => {
    const all = trips(of.days).map((one) => one.trial);
    const { ratingAmps } = of.house.subject.breaker;
    if (
      chance(random, 0.7) &&
      trips(of.days).some(
        // A motor that starts is no dead short.
        ({ starting, trial: { startAmps, openedAfter } }) =>
          paceOf(openedAfter!) === 'at-once' && startAmps > 5 * ratingAmps && starting.size === 0,
      )
    )
      return 'after-dead-short';
    if (all.length < 2) return 'first-time';
    return all.filter(({ openedAfter }) => openedAfter! > 10).length > 3 ? 'many-overload' : 'few';
  },
  'trip-vs-curve': againstCurve,
  'test-button': ({ house: { subject } }) => {
    switch (subject.breaker.button) {
      case 'none':
        return 'no-button';
      case 'works':
        return subject.breaker.latches < 0.5 ? 'will-not-reset' : 'trips-and-resets';
      case 'dead':
        return 'does-not-trip';
      case 'stays-out':
        return 'will-not-reset';
    }
  },
  'appliance-check': (of, random) => {
    const suspect = of.house.subject.appliances.find(({ name }) => name === of.pattern.suspect);
    const bad =
      suspect && (suspect.shortOhms < Infinity || (suspect.leakOhms < Infinity && chance(random, 0.7)));
    const starts = suspect?.surge && suspect.surge.times * suspect.amps > (12 * random() + 6) * 20;
    return bad || starts ? 'trips-there-too' : 'fine-there';
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
        neutralGroundOhms: Infinity,
      },
    };
    return switchOn(bare, NOTHING_ON, 1800, random).openedAfter === null ? 'holds' : 'trips';
  },
  'known-good-swap': (of, random) => {
    const before = symptoms(of, asFound(of).house, random);
    const after = symptoms(of, withGoodBreaker(of.house, random), random);
    const gone = [...before].filter((one) => !after.has(one));
    return before.size > 0 && gone.length === before.size
      ? 'fault-stays-with-breaker'
      : 'fault-follows-circuit';
  },
  'branch-off-check': ({ house }) =>
    house.subject.breaker.welded || house.fedByOther === 'on' || house.backfeed === 'circuit'
      ? 'still-live'
      : 'dead-as-expected',
  'main-off-check': ({ house }) =>
    house.mainWelded || house.backfeed !== null ? 'still-live' : 'dead-as-expected',
  'button-after-fitting': (of, random) => {
    const { breaker } = of.house.subject;
    if (!breaker.newlyFitted || breaker.kind === 'standard') return 'not-newly-fitted';
    const { openedAfter } = switchOn(of.house, of.everything, 60, random);
    return openedAfter === null ? 'holds' : 'trips-as-soon-as-loaded';
  },
};
