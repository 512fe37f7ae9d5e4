import { z } from 'zod';
import type { ThermalElement } from './thermalElement.ts';
import type { CurvePoint } from './curvePoints.ts';
import { curvePoints, isThermal } from './curvePoints.ts';
import type { Band } from './edges.ts';

export const curveFitInput = z.object({ points: curvePoints });
export type CurveFitInput = z.input<typeof curveFitInput>;

const edge = z.object({
  k: z.number().describe('multiple at which it eventually trips'),
  tauSeconds: z.number(),
  error: z.number().describe('root mean square error of ln(time); 0.1 is about 10% of the time'),
});
export const curveFitOutput = z.object({ mostSensitive: edge, leastSensitive: edge });
export type CurveFit = z.infer<typeof curveFitOutput>;

/**
 * The two edges of a printed trip curve as bimetals: k and τ of each, by least squares on the logarithm of
 * the time. Points faster than 0.1 s are the magnet’s and are left out; where an edge never opens, its k
 * is above that multiple.
 *
 * @param input points at 25 °C from cold: multiple of the rating, soonest and latest time (s; null: never)
 * @returns k, τ (s) and the fit’s error (of ln time, root mean square) of both edges
 * @throws ZodError where points contradict each other or are too few
 * @example fitCurve({ points: [
 *   { multiple: 2, fastestSeconds: 11.34, slowestSeconds: 119.9 },
 *   { multiple: 3, fastestSeconds: 4.57, slowestSeconds: 44.6 } ] }).leastSensitive.tauSeconds // about 197
 */
export function fitCurve(input: CurveFitInput): CurveFit {
  const { points } = curveFitInput.parse(input);
  return {
    mostSensitive: fitEdge(points, 'fastestSeconds'),
    leastSensitive: fitEdge(points, 'slowestSeconds'),
  };
}

/**
 * The band of a fitted curve: its edges as bimetals.
 *
 * @param fit the two edges, as fitted
 * @returns thresholds k² and τ in s
 * @example bandOf(fitCurve({ points })).mostSensitive.thresholdSquared // k² of its soonest edge
 */
export function bandOf(fit: CurveFit): Band {
  const element = ({ k, tauSeconds }: CurveFit['mostSensitive']): ThermalElement => ({
    thresholdSquared: k * k,
    tauSeconds,
  });
  return { mostSensitive: element(fit.mostSensitive), leastSensitive: element(fit.leastSensitive) };
}

const STEPS = 400;

function fitEdge(points: readonly CurvePoint[], side: 'fastestSeconds' | 'slowestSeconds') {
  const timed = points.flatMap((p) => {
    const seconds = p[side];
    return isThermal(seconds) ? [{ multiple: p.multiple, lnSeconds: Math.log(seconds) }] : [];
  });
  const held = points.filter((p) => p[side] === null).map((p) => p.multiple);
  const [least, most] = [Math.max(0.5, ...held), Math.min(...timed.map((p) => p.multiple))];
  const errorAt = (k: number) => edgeAt(timed, k).error;
  let best = least;
  for (let n = 1; n < STEPS; n++) {
    // Denser towards the first point that opens, where the curve bends.
    const k = most - (most - least) * (1 - n / STEPS) ** 2;
    if (errorAt(k) < errorAt(best)) best = k;
  }
  const reach = (2 * (most - least)) / STEPS;
  const k = minimum(errorAt, Math.max(least, best - reach), Math.min(most * (1 - 1e-9), best + reach));
  const { tauSeconds, error } = edgeAt(timed, k);
  return { k, tauSeconds, error };
}

/** The best τ for a given k, and what error is left. */
function edgeAt(timed: { multiple: number; lnSeconds: number }[], k: number) {
  const lnTaus = timed.map(
    ({ multiple: m, lnSeconds }) => lnSeconds - Math.log(Math.log((m * m) / (m * m - k * k))),
  );
  const lnTau = lnTaus.reduce((a, b) => a + b, 0) / lnTaus.length;
  const error = Math.sqrt(lnTaus.reduce((sum, one) => sum + (one - lnTau) ** 2, 0) / lnTaus.length);
  return { tauSeconds: Math.exp(lnTau), error };
}

const GOLDEN = (Math.sqrt(5) - 1) / 2;

/** Where a function with one valley is least, by golden sections. */
function minimum(of: (x: number) => number, from: number, to: number): number {
  let [a, b] = [from, to];
  for (let round = 0; round < 60; round++) {
    const [left, right] = [b - GOLDEN * (b - a), a + GOLDEN * (b - a)];
    if (of(left) < of(right)) b = right;
    else a = left;
  }
  return (a + b) / 2;
}
