import { mayCarryAmps } from './conductor.ts';
import type { House, SimulatedMoment } from './house.ts';
import { energised, type Live } from './wiring.ts';

/** Kelvin that a watt lifts each part by; a little less for each watt more, as air and radiation carry more away. */
const PER_WATT = { breaker: 11, joint: 7, lug: 2 } as const;
const BENDS = 0.9;
/** A conductor at what it may carry is so much warmer than the air, K. */
const CONDUCTOR_RISE = 28;

const lift = (perWatt: number, watts: number) => perWatt * watts ** BENDS;

/** Temperatures about the subject’s breaker once all has settled, °C. */
export interface Heat {
  face: number;
  screw: number;
  stab: number;
  /** What the bimetal feels around it: the air, and what its joints add. */
  aroundBimetal: number;
  /** The hottest joint past the breaker, in an outlet box. */
  outletJoint: number;
  /** The bus and its lugs. */
  bus: number;
  /** The closed cover, where it is warmest. */
  cover: number;
  /** A sound neighbour that carries the same share of its rating. */
  peerFace: number;
  peerScrew: number;
}

/** Through a sound 20 A breaker, and through one of its joints, Ω. */
const SOUND_UNIT_OHMS = 0.0032;
const SOUND_JOINT_OHMS = 0.0003;

/** Resistance of a sound breaker of a rating (A), Ω: all of them lose about as much at their rating. */
export const soundContactOhms = (ratingAmps: number): number => SOUND_UNIT_OHMS * (20 / ratingAmps) ** 2;
export const soundJointOhms = (ratingAmps: number): number => SOUND_JOINT_OHMS * (20 / ratingAmps) ** 2;

/** Ambient temperature the panel at a moment, °C. */
export const airAt = (house: House, { hot }: Pick<SimulatedMoment, 'hot'>): number =>
  house.airC + (hot ? house.hotDayC : 0);

/**
 * What each part of the way through the breaker settles at under the current it carries, °C.
 *
 * @param live the house at that moment, solved
 * @example heatOf(soundHouse(seeded(1)), NOTHING_ON).screw // that of the air
 */
export function heatOf(house: House, moment: SimulatedMoment, live: Live = energised(house, moment)): Heat {
  const { breaker } = house.subject;
  const air = airAt(house, moment);
  const watts = (branches: readonly { ohms: number }[], amps: number) =>
    Math.max(0, ...branches.map(({ ohms }) => (ohms < Infinity ? amps * amps * ohms : 0)));
  const amps = live.subjectAmps;
  const inBreaker = lift(PER_WATT.breaker, watts(live.contact, amps));
  // A joint that makes and breaks burns beside its resistance.
  const atStab = lift(PER_WATT.joint, watts(live.stab, amps) * (breaker.stabArcs ? 1.5 : 1));
  const atScrew = lift(PER_WATT.joint, watts(live.screw, amps) * (breaker.screwArcs ? 1.3 : 1));
  // Of two legs the hotter.
  const hotter = (pair: Live['bus']) =>
    Math.max(watts([pair.A], live.amps(pair.A)), watts([pair.B], live.amps(pair.B)));
  const bus = lift(PER_WATT.lug, hotter(live.bus)) + lift(PER_WATT.lug, hotter(live.main)) * 0.5;
  const outletJoint = lift(
    PER_WATT.joint,
    Math.max(
      0,
      ...house.subject.hotJointOhms.map((ohms, i) =>
        ohms < 1e3 ? live.amps(live.joints[i]!) ** 2 * ohms : 0,
      ),
    ),
  );
  // A conductor too thin for what it carries heats the screw it comes to, more than a matched one would.
  const share = (limit: number) => (amps / limit) ** 2;
  const fromWire =
    CONDUCTOR_RISE * Math.max(0, share(mayCarryAmps(house.subject)) - share(breaker.ratingAmps));
  const own = 0.55 * inBreaker;
  const sound = lift(PER_WATT.breaker, amps * amps * soundContactOhms(breaker.ratingAmps));
  const soundJoint = lift(PER_WATT.joint, amps * amps * soundJointOhms(breaker.ratingAmps));
  const face = air + own + 0.45 * atScrew + 0.55 * atStab + 0.35 * bus + 0.15 * fromWire;
  return {
    face,
    screw: air + 0.7 * inBreaker + atScrew + 0.35 * atStab + 0.3 * bus + 0.35 * fromWire,
    stab: air + 0.6 * inBreaker + atStab + 0.3 * atScrew + 0.5 * bus,
    aroundBimetal: air + 0.8 * atScrew + 0.55 * atStab + 0.35 * bus,
    outletJoint: air + outletJoint,
    bus: air + bus,
    cover: air + 0.75 * (face - air) + 0.5 * bus,
    peerFace: air + 0.55 * sound + 0.45 * soundJoint + 0.2 * bus,
    peerScrew: air + 0.7 * sound + soundJoint + 0.2 * bus,
  };
}
