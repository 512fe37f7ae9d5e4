import {
  mayCarryAmps,
  heatOf,
  soundJointOhms,
  NOTHING_ON,
  type House,
  type SimulatedMoment,
  type HouseBreaker,
  energised,
} from '../house/index.ts';
import { measurable, workable } from './moments.ts';
import type { SimulatedCase } from './simulatedCase.ts';

/** Surfaces from here on burn hands and cook insulation, °C. */
const BURNS_C = 75;
const TOO_MANY_VOLTS = 128;

/** The bus and the service neutral are joints as well; beyond this they are failing, Ω. */
const FAILING_OHMS = { bus: 0.008, neutral: 1 } as const;

/**
 * What is dangerous at this very moment, by what is so and not by what anybody saw; in words.
 *
 * @example dangersOf(simulatedCase('none', 1)) // []
 */
export function dangersOf(of: SimulatedCase): string[] {
  const { house } = of;
  const on = workable(of).house;
  // What is shorted is thrown off by the breaker, not carried.
  const carried = measurable(of, of.everything);
  const live = energised(on, carried);
  const heat = heatOf(on, carried, live);
  const found: string[] = [];
  if (Math.max(heat.screw, heat.stab, heat.bus) > BURNS_C) found.push('a joint in the panel burns');
  if (heat.outletJoint > BURNS_C + 20) found.push('a joint in an outlet burns');
  if (sparks(of)) found.push('it sparks in the panel');
  if (house.water === 'wet') found.push('the panel is wet');
  if (Math.max(live.outletVolts(2), swing(on, carried)) > TOO_MANY_VOLTS) found.push('too many volts');
  if (house.subject.breaker.welded || house.mainWelded || house.fedByOther === 'on' || house.backfeed)
    found.push('off, and still live');
  if (house.subject.shortOhms < 1) found.push('the wiring is shorted');
  if (house.subject.arcsPerMinute > 0) found.push(ARCS);
  return found;
}

/** The bus, the stab, or water between them. */
export const sparks = ({ house }: SimulatedCase): boolean =>
  house.busArcs || house.subject.breaker.stabArcs || house.subject.breaker.screwArcs || house.water === 'wet';

/** The most volts any other circuit sees as loads come and go. */
const swing = (house: House, carried: SimulatedMoment): number =>
  Math.max(
    ...[carried, NOTHING_ON].flatMap((moment) => {
      const live = energised(house, moment);
      return house.others.map((_one, i) => live.otherVolts(i));
    }),
  );

const ARCS = 'a joint on the circuit arcs';

/** A joint of a breaker that is many times what it should be, Ω. */
export const isBad = ({ ratingAmps }: Pick<HouseBreaker, 'ratingAmps'>, ohms: number): boolean =>
  ohms > 8 * soundJointOhms(ratingAmps);

/** Rust by itself is old; damp that has got at a joint or at the insulation goes on. */
const dampHasHarmed = ({ breaker, wetLeakOhms }: House['subject']): boolean =>
  breaker.screwOhms > 1.8 * soundJointOhms(breaker.ratingAmps) || wetLeakOhms < Infinity;

/**
 * Whether carrying on as before would leave somebody in danger: a danger as it stands, a bad joint, a conductor that
 * its breaker does not protect, a breaker that does not open, a neutral that is gone, damp that has done harm. An arc that a working
 * AFCI breaker cuts each time is a danger to be found, not one that goes on.
 *
 * @example isHazardous(simulatedCase('oversized-breaker', 1)) // true
 */
export function isHazardous(of: SimulatedCase): boolean {
  const { subject, busOhms, supplyOhms, sharesNeutral, water } = of.house;
  const { breaker } = subject;
  const seesArcs = breaker.kind === 'afci' || breaker.kind === 'dual';
  return (
    dangersOf(of).some((danger) => danger !== ARCS || !seesArcs) ||
    breaker.seized ||
    isBad(breaker, breaker.screwOhms) ||
    isBad(breaker, breaker.stabOhms) ||
    breaker.ratingAmps > mayCarryAmps(subject) ||
    Math.max(busOhms.A, busOhms.B) > FAILING_OHMS.bus ||
    Math.max(supplyOhms.neutral, sharesNeutral ? subject.barOhms : 0) > FAILING_OHMS.neutral ||
    water === 'wet' ||
    (water === 'rust' && dampHasHarmed(subject))
  );
}
