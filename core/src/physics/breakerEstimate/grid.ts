import { MUST_OPEN_MULTIPLE } from '../../facts/standards/index.ts';
import { leastSensitive } from '../trip/index.ts';
import { SIDES, type Side } from './schema.ts';

/** What is thought of a breaker before its record is read. People look at breakers that give trouble. */
const PRIOR: Record<Side, { share: number; lnKCentre: number; lnKSd: number; lnTauSd: number }> = {
  weak: { share: 0.23, lnKCentre: 0, lnKSd: 0.35, lnTauSd: 0.7 },
  sound: { share: 0.6, lnKCentre: Math.log(1.17), lnKSd: 0.12, lnTauSd: 0.5 },
  sluggish: { share: 0.17, lnKCentre: Math.log(MUST_OPEN_MULTIPLE), lnKSd: 0.35, lnTauSd: 0.7 },
};

/** What share of breakers that are looked at is on each side, before anything is known. */
export const PRIOR_SHARE: Record<Side, number> = {
  weak: PRIOR.weak.share,
  sound: PRIOR.sound.share,
  sluggish: PRIOR.sluggish.share,
};

/** A sound breaker opens in the end from 1.00 to 1.35 × its rating. */
const SOUND_LN_K = { from: 0, to: Math.log(MUST_OPEN_MULTIPLE) } as const;

/** Typical time constant of a unit up to 30 A, in s; other classes in proportion to their slowest. */
const TYPICAL_TAU = { seconds: 80, atAmps: 20 } as const;

/** How far the grid reaches, in units of the widest spread. */
const REACH = 3.1;
const CELLS_OF_SOUND = 30;
const TAU_STEP = 0.07;

/**
 * What is believed of one breaker: a grid of even cells of ln k and of ln τ, with the edges of a sound
 * unit between cells. k is the ultimate current over the rating.
 */
export interface Grid {
  /** Width of a cell of ln k, and the ln k of the first cell’s middle. */
  step: number;
  first: number;
  cells: number;
  /** First cell of a sound breaker, and the first one past it. */
  soundFrom: number;
  soundTo: number;
  /** ln τ of each row, less that of a typical unit. */
  lnTauOff: Float64Array;
  /** Probability of each cell before anything is known, row by row. */
  prior: Float64Array;
  /** Room for one event’s likelihoods, used again and again. */
  scratch: Float64Array;
}

const grids = new Map<number, Grid>();

/** The grid, made once for each fineness; `refined` 2 halves every step. */
export function estimateGrid(refined: number): Grid {
  const known = grids.get(refined);
  if (known) return known;
  const grid = makeGrid(refined);
  grids.set(refined, grid);
  return grid;
}

function makeGrid(refined: number): Grid {
  // Refined, every cell is parted: the grid ends where it did.
  const coarse = (SOUND_LN_K.to - SOUND_LN_K.from) / CELLS_OF_SOUND;
  const ofSound = CELLS_OF_SOUND * refined;
  const step = coarse / refined;
  const beside = Math.ceil((REACH * PRIOR.weak.lnKSd) / coarse) * refined;
  const cells = beside + ofSound + beside;
  const first = SOUND_LN_K.from - (beside - 0.5) * step;
  const tauStep = TAU_STEP / refined;
  const half = Math.ceil((REACH * PRIOR.weak.lnTauSd) / TAU_STEP) * refined;
  const lnTauOff = Float64Array.from({ length: 2 * half }, (_, t) => (t + 0.5 - half) * tauStep);
  const prior = new Float64Array(cells * lnTauOff.length);
  const bounds = {
    weak: [0, beside],
    sound: [beside, beside + ofSound],
    sluggish: [beside + ofSound, cells],
  };
  for (const side of SIDES) {
    const { share, lnKCentre, lnKSd, lnTauSd } = PRIOR[side];
    const [from, to] = bounds[side] as [number, number];
    const weights: [number, number][] = [];
    let total = 0;
    for (let t = 0; t < lnTauOff.length; t++) {
      for (let i = from; i < to; i++) {
        const weight = bell((first + i * step - lnKCentre) / lnKSd) * bell(lnTauOff[t]! / lnTauSd);
        weights.push([t * cells + i, weight]);
        total += weight;
      }
    }
    for (const [cell, weight] of weights) prior[cell] = (share * weight) / total;
  }
  return {
    step,
    first,
    cells,
    soundFrom: beside,
    soundTo: beside + ofSound,
    lnTauOff,
    prior,
    scratch: new Float64Array(prior.length),
  };
}

const bell = (z: number) => Math.exp(-0.5 * z * z);

/** ln τ of a typical unit of this rating, τ in s. */
export const typicalLnTau = (ratingAmps: number): number =>
  Math.log(
    (TYPICAL_TAU.seconds * leastSensitive(ratingAmps).tauSeconds) /
      leastSensitive(TYPICAL_TAU.atAmps).tauSeconds,
  );
