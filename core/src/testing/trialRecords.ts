import type { EffectiveRatingInput, Side, TrialEvent } from '../physics/breakerEstimate/index.ts';
import { normal, normalWithin, type Random } from '../facts/random/index.ts';
import { ambientScale, leastSensitive, passThrough, type ThermalElement } from '../physics/trip/index.ts';

type Drawn = (random: Random) => number;

/** How many of a population are of each side, the rest being sound, and at which multiple each opens in the end. */
export interface Population {
  name: string;
  weak: number;
  sluggish: number;
  ultimate: Record<Side, Drawn>;
}

const between = (random: Random, from: number, to: number) => from + (to - from) * random();

const sound: Drawn = (random) => normalWithin(random, 1.18, 0.1, 1, 1.35);
/** Units that are clearly out of their window, by a tenth or more. */
const clear = {
  weak: (random: Random) => between(random, 0.5, 0.9),
  sound,
  sluggish: (random: Random) => between(random, 1.49, 2.4),
};
/** Units at any distance from their window, most of them close to it. */
const borderline = {
  weak: (random: Random) => Math.exp(-Math.abs(0.3 * normal(random))),
  sound,
  sluggish: (random: Random) => 1.35 * Math.exp(Math.abs(0.3 * normal(random))),
};

export const POPULATIONS: readonly Population[] = [
  { name: 'mostly sound', weak: 0.06, sluggish: 0.04, ultimate: clear },
  { name: '40% weak, 20% sluggish', weak: 0.4, sluggish: 0.2, ultimate: clear },
];

/** The hardest of all: no judge tells a unit that is one hundredth too weak from one that is not. */
export const BORDERLINE: Population = {
  name: 'the same, most of them hardly out of their window',
  weak: 0.4,
  sluggish: 0.2,
  ultimate: borderline,
};

/** A made-up breaker: what it really is, and what people noted of it. */
export interface SimulatedBreaker {
  side: Side;
  /** Its ultimate current at 25 °C, in A. */
  ultimateAmps: number;
  question: EffectiveRatingInput;
}

const RATINGS = [15, 15, 20, 20, 20, 30, 40, 50, 60, 100];
/** This share of what people note has nothing to do with the breaker. */
const STRAY = 0.04;

const pick = <T>(random: Random, list: readonly T[]): T => list[Math.floor(random() * list.length)]!;
/**
 * A breaker out of a population, with one to eight events as people would note them: currents read 3%
 * , times by 5% and 2 s, and now and then a note that is simply wrong. Not drawn from the prior that
 * `effectiveRating` assumes: sides, spreads and loads differ from it.
 */
export function simulatedBreaker(random: Random, population: Population): SimulatedBreaker {
  const draw = random();
  const side: Side =
    draw < population.weak ? 'weak' : draw < population.weak + population.sluggish ? 'sluggish' : 'sound';
  const ratingAmps = pick(random, RATINGS);
  const k = population.ultimate[side](random);
  const tauSpread = side === 'sound' ? 0.45 : 0.65;
  const tauSeconds =
    leastSensitive(ratingAmps).tauSeconds * 0.42 * Math.exp(normalWithin(random, 0, tauSpread, -2, 2));
  const unit = { thresholdSquared: k * k, tauSeconds };
  const usualMultiple = Math.exp(between(random, Math.log(0.7), Math.log(1.9)));
  const events = Array.from({ length: 1 + Math.floor(random() * 8) }, () =>
    noted(random, unit, ratingAmps, usualMultiple),
  );
  return { side, ultimateAmps: k * ratingAmps, question: { ratingAmps, events } };
}

/** An event at about what the circuit usually carries: until it trips, or is switched off. */
function noted(random: Random, unit: ThermalElement, ratingAmps: number, usualMultiple: number): TrialEvent {
  const ambientC = Math.round(between(random, 5, 42));
  const element = { ...unit, thresholdSquared: unit.thresholdSquared * ambientScale(ambientC) };
  const main = {
    multiple: usualMultiple * Math.exp(0.25 * normal(random)),
    seconds: Math.exp(between(random, Math.log(120), Math.log(14_400))),
  };
  const preload = { multiple: between(random, 0.2, 0.8), seconds: between(random, 300, 4000) };
  const stretches = random() < 0.3 ? [preload, main] : [main];
  const { openedAfter } = passThrough(element, stretches);
  let { lasted, tripped } = upTo(stretches, openedAfter);
  if (random() < STRAY) {
    tripped = random() < 0.5;
    lasted = lasted.map((stretch) => ({ ...stretch, seconds: stretch.seconds * between(random, 0.2, 1.5) }));
  }
  const misread = Math.exp(0.03 * normal(random));
  return {
    ambientC,
    outcome: tripped ? 'tripped' : 'held',
    segments: lasted.map(({ multiple, seconds }) => ({
      amps: multiple * ratingAmps * misread,
      seconds: Math.max(0.5, seconds * (1 + 0.05 * normal(random)) + 2 * normal(random)),
    })),
  };
}

/** What of the stretches there was until it opened. */
function upTo(stretches: { multiple: number; seconds: number }[], openedAfter: number | null) {
  if (openedAfter === null) return { lasted: stretches, tripped: false };
  const lasted: typeof stretches = [];
  let left = openedAfter;
  for (const stretch of stretches) {
    const seconds = Math.min(left, stretch.seconds);
    lasted.push({ ...stretch, seconds });
    left -= seconds;
    if (left <= 0) break;
  }
  return { lasted, tripped: true };
}
