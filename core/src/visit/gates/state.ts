import { VOLTAGE_LIMITS } from '../../facts/limits/index.ts';
import { MAIN } from './factNames.ts';
import type { GatePlan, ToMeasure } from './schema.ts';

/** Below this a point is dead, V. */
export const DEAD_VOLTS = VOLTAGE_LIMITS.verifiedDead;
/** From here on it is live; between the two it may be a ghost, and is measured under load, V. */
export const LIVE_VOLTS = VOLTAGE_LIMITS.live;
/** A tester shows this on a known live point, V. */
export const PROVED = { from: VOLTAGE_LIMITS.meterFrom, to: VOLTAGE_LIMITS.meterTo } as const;
/** What a circuit of 120 V gives once it is on again, V. */
export const VERIFIED = { from: VOLTAGE_LIMITS.low, to: VOLTAGE_LIMITS.high } as const;

/** What a visit is about: the places that are worked on, and what else might feed them. */
export type VisitPlaces = Pick<GatePlan, 'touched' | 'otherSources'>;

/** How far a visit is. */
export interface VisitState {
  dressed: boolean;
  /** The tester showed what a known live point has, when it was tried last. */
  proved: boolean;
  /** And that after the last measure. */
  provedSince: boolean;
  handlesOff: boolean;
  mainOn: boolean;
  /** The main was switched on again after it was off. */
  mainCameOn: boolean;
  locked: boolean;
  isolated: ReadonlySet<string>;
  coverOn: boolean;
  /** V by what was measured. */
  measured: ReadonlyMap<string, number>;
  swapped: ReadonlySet<string>;
  on: ReadonlySet<string>;
  verified: ReadonlySet<string>;
  stop: { code: 'live' | 'verify'; reason: string } | null;
  abandoned: boolean;
}

export const BEGUN: VisitState = {
  dressed: false,
  proved: false,
  provedSince: false,
  handlesOff: false,
  mainOn: true,
  mainCameOn: false,
  locked: false,
  isolated: new Set(),
  coverOn: true,
  measured: new Map(),
  swapped: new Set(),
  on: new Set(),
  verified: new Set(),
  stop: null,
  abandoned: false,
};

/**
 * One name for one thing to measure.
 *
 * @param measure where, which pole, to what
 * @returns text that is another for each
 * @example measureKey({ id: 'main', pole: 1, to: 'neutral' }) // '["main",1,"neutral"]'
 */
export const measureKey = ({ id, pole, to }: ToMeasure): string => JSON.stringify([id, pole, to]);

/**
 * Each pole to neutral and to ground, and two poles to each other: behind the main, and at every touched place.
 *
 * @param plan the places that are worked on
 * @returns what is measured, in its order
 * @example measuresOf({ touched: [{ id: '7', poles: 1 }] }).length // 7: five at the main, two at 7
 */
export const measuresOf = ({ touched }: Pick<VisitPlaces, 'touched'>): ToMeasure[] =>
  [{ id: MAIN, poles: 2 as const }, ...touched].flatMap(({ id, poles }): ToMeasure[] => [
    ...(poles === 2 ? ([1, 2] as const) : ([1] as const)).flatMap((pole) =>
      (['neutral', 'ground'] as const).map((to) => ({ id, pole, to })),
    ),
    ...(poles === 2 ? [{ id, pole: 1 as const, to: 'other-pole' as const }] : []),
  ]);

/**
 * What is not proved dead yet.
 *
 * @param plan the places that are worked on, and other sources
 * @param state how far the visit is
 * @returns what is still to be measured; nothing while the cover is on
 * @example notDead({ touched, otherSources: [] }, BEGUN) // []
 */
export const notDead = (plan: VisitPlaces, { coverOn, measured }: VisitState): ToMeasure[] =>
  coverOn
    ? []
    : measuresOf(plan).filter((one) => !((measured.get(measureKey(one)) ?? Infinity) < DEAD_VOLTS));

/**
 * Whether the panel is locked out and verified dead at every place, with the meter verified since.
 *
 * @param plan the places that are worked on, and other sources
 * @param state how far the visit is
 * @returns whether hands may go in
 * @example isVerifiedDead({ touched, otherSources: [] }, BEGUN) // false
 */
export const isVerifiedDead = (plan: VisitPlaces, state: VisitState): boolean =>
  !state.coverOn &&
  !state.mainOn &&
  state.locked &&
  state.proved &&
  state.provedSince &&
  state.stop === null &&
  notDead(plan, state).length === 0;

/**
 * The places that may be touched now: all of them, or none.
 *
 * @param plan the places that are worked on, and other sources
 * @param state how far the visit is
 * @returns their ids
 * @example touchable({ touched, otherSources: [] }, BEGUN) // []
 */
export const touchable = (plan: VisitPlaces, state: VisitState): string[] =>
  isVerifiedDead(plan, state) ? plan.touched.map(({ id }) => id) : [];
