import { HEAT_LIMITS, VOLTAGE_LIMITS } from '../../facts/limits/index.ts';
import {
  DEAD_VOLTS,
  LIVE_VOLTS,
  MAIN,
  measureKey,
  PROVED,
  VERIFIED,
  type Fact,
  type VisitState,
} from '../gates/index.ts';
import type { Proof } from './schema.ts';
import type { TaskState } from './state.ts';
import type { TroubleId } from './troubleIds.ts';

type Measured = Extract<Fact, { is: 'measured' }>;

/** Below this a circuit gives nothing, V. */
const NOTHING_VOLTS = VOLTAGE_LIMITS.zero;
/** Between the poles of a two-pole breaker, V. */
export const BETWEEN = { from: 2 * VERIFIED.from, to: 2 * VERIFIED.to } as const;

/**
 * What a figure says that was taken to prove a place dead.
 *
 * @param fact what was measured, V
 * @param before what was measured before it
 * @returns the trouble; `null`: it is dead
 * @example measuredTrouble({ is: 'measured', id: 'main', pole: 1, to: 'neutral', volts: 38 }, BEGUN) // 'ghost'
 */
export function measuredTrouble(
  fact: Measured,
  { measured }: Pick<VisitState, 'measured'>,
): TroubleId | null {
  const { id, pole, to, volts } = fact;
  if (volts < DEAD_VOLTS) return null;
  if (volts < LIVE_VOLTS) return 'ghost';
  const isDead = (key: Parameters<typeof measureKey>[0]) =>
    (measured.get(measureKey(key)) ?? Infinity) < DEAD_VOLTS;
  if (to === 'other-pole') return 'between-poles-live';
  if (to === 'ground' && isDead({ id, pole, to: 'neutral' })) return 'wrong-reference';
  const isMainDead = ([1, 2] as const).every((one) => isDead({ id: MAIN, pole: one, to: 'neutral' }));
  if (id !== MAIN) return isMainDead ? 'backfeed' : 'main-live';
  return isDead({ id, pole: pole === 1 ? 2 : 1, to }) ? 'main-pole-live' : 'main-live';
}

/**
 * What a meter says on a known live point.
 *
 * @param volts V
 * @returns the trouble; `null`: it shows what it should
 * @example testerTrouble(0) // 'tester-silent'
 */
export const testerTrouble = (volts: number): TroubleId | null =>
  volts < PROVED.from ? 'tester-silent' : volts > PROVED.to ? 'tester-high' : null;

/**
 * What comes out once a circuit is on again.
 *
 * @param volts to neutral, V
 * @returns the trouble; `null`: it is as it should be
 * @example outputTrouble(96) // 'low-output'
 */
export function outputTrouble(volts: number): TroubleId | null {
  if (volts < NOTHING_VOLTS) return 'no-output';
  if (volts < VERIFIED.from) return 'low-output';
  return volts > VERIFIED.to ? 'high-output' : null;
}

const WIRING_TROUBLES = {
  correct: null,
  reversed: 'reversed-polarity',
  'open-ground': 'open-ground',
  'open-neutral': 'open-neutral',
} as const;

/** A new part’s face at full load: the rise that is watched, less at less current, and never too hot to hold. */
const mostRiseC = (share: number): number =>
  Math.max(
    HEAT_LIMITS.newPartLeastC,
    HEAT_LIMITS.riseAtRatingWatchC * Math.min(1, share ** HEAT_LIMITS.currentExponent),
  );

/**
 * What a proof says of the work.
 *
 * @param proof V, A, °C or what was seen
 * @param task the place, with the current that was measured there
 * @returns the trouble; `null`: it proves the work
 * @example proofTrouble({ is: 'proof', id: 'a', proof: 'off-output', volts: 121 }, task) // 'still-on'
 */
export function proofTrouble(
  proof: Proof,
  { ratingAmps, amps }: Pick<TaskState, 'ratingAmps' | 'amps'>,
): TroubleId | null {
  switch (proof.proof) {
    case 'off-output':
      if (proof.volts < DEAD_VOLTS) return null;
      return proof.volts < LIVE_VOLTS ? 'ghost-outlet' : 'still-on';
    case 'between-poles':
      if (proof.volts < NOTHING_VOLTS) return 'same-leg';
      return proof.volts < BETWEEN.from || proof.volts > BETWEEN.to ? 'between-off' : null;
    case 'outlet-wiring':
      return WIRING_TROUBLES[proof.outcome];
    case 'test-button':
      return proof.outcome === 'trips-and-resets' ? null : 'test-button-fails';
    case 'current':
      return proof.amps > ratingAmps ? 'over-rating' : null;
    case 'temperature': {
      const share = amps === null ? 1 : amps / ratingAmps;
      const isTooWarm = proof.surfaceC - proof.ambientC > mostRiseC(share);
      return isTooWarm || proof.surfaceC > HEAT_LIMITS.faceDangerC ? 'runs-hot' : null;
    }
  }
}
