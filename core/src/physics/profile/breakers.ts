import type { Belief } from '../breakerEstimate/index.ts';
import { normalWithin, type Random } from '../../facts/random/index.ts';
import { ambientScale, bandFor, MAGNETIC_PICKUP, type Band } from '../trip/index.ts';
import type { BreakerElement } from './runProfile.ts';

/** Draws one unit after the other out of those it may be, at an ambient (°C). */
export type DrawBreaker = (random: Random) => BreakerElement;

const pickup = (random: Random) => {
  const { mostSensitive: first, leastSensitive: last } = MAGNETIC_PICKUP;
  return first * (last / first) ** random();
};

/** Where most sound breakers lie within their band: ln of the ultimate multiple, and of τ over the slowest. */
const TYPICAL = { lnK: Math.log(1.17), lnKSd: 0.12, lnTauShare: Math.log(0.405), lnTauSd: 0.5 } as const;

/**
 * Sound units of a rating (A): within the band, most of them towards its middle.
 *
 * @param ratingAmps rating, A
 * @param ambientC °C
 * @param band the edges of a sound breaker; the standard’s if left out
 * @returns draws one
 * @example soundBreakers(20, 25)(seeded(1)).thresholdSquared // between 1.08² and 1.35²
 */
export function soundBreakers(
  ratingAmps: number,
  ambientC: number,
  band: Band = bandFor(ratingAmps),
): DrawBreaker {
  const lnK = (k2: number) => 0.5 * Math.log(k2);
  const [k, tau] = [
    [lnK(band.mostSensitive.thresholdSquared), lnK(band.leastSensitive.thresholdSquared)],
    [Math.log(band.mostSensitive.tauSeconds), Math.log(band.leastSensitive.tauSeconds)],
  ] as [[number, number], [number, number]];
  const scale = ambientScale(ambientC);
  const centre = clamp(TYPICAL.lnK, k);
  const tauCentre = clamp(tau[1] + TYPICAL.lnTauShare, tau);
  return (random) => ({
    thresholdSquared: Math.exp(2 * normalWithin(random, centre, TYPICAL.lnKSd, ...k)) * scale,
    tauSeconds: Math.exp(normalWithin(random, tauCentre, TYPICAL.lnTauSd, ...tau)),
    pickup: pickup(random),
  });
}

const clamp = (value: number, [least, most]: [number, number]) => Math.min(most, Math.max(least, value));

/**
 * This unit, as far as its record tells.
 *
 * @param belief what its record tells
 * @param ambientC °C
 * @returns draws one
 * @example thisBreaker(beliefFrom({ ratingAmps: 20, events: [] }), 25)(seeded(1)).tauSeconds // some 80 s
 */
export function thisBreaker({ grid, mass, lnTauTypical }: Belief, ambientC: number): DrawBreaker {
  const upTo = new Float64Array(mass.length);
  let sum = 0;
  for (let n = 0; n < mass.length; n++) upTo[n] = sum += mass[n]!;
  const scale = ambientScale(ambientC);
  const tauStep = grid.lnTauOff[1]! - grid.lnTauOff[0]!;
  return (random) => {
    const cell = firstAbove(upTo, random() * sum);
    const lnK = grid.first + ((cell % grid.cells) + random() - 0.5) * grid.step;
    const lnTau = lnTauTypical + grid.lnTauOff[Math.floor(cell / grid.cells)]! + (random() - 0.5) * tauStep;
    return {
      thresholdSquared: Math.exp(2 * lnK) * scale,
      tauSeconds: Math.exp(lnTau),
      pickup: pickup(random),
    };
  };
}

/** The first place in a rising list that is above a value. */
function firstAbove(rising: Float64Array, value: number): number {
  let [from, to] = [0, rising.length - 1];
  while (from < to) {
    const middle = (from + to) >> 1;
    if (rising[middle]! > value) to = middle;
    else from = middle + 1;
  }
  return from;
}
