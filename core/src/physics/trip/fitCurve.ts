import { z } from 'zod';
import type { Band } from './band.ts';
import type { ThermalElement } from './thermalElement.ts';

const multiple = z
  .number('Give the multiple of the rating as a number.')
  .gt(1, 'A multiple lies above 1: at the rating itself a sound unit holds.')
  .max(50, 'A multiple may be 50 at most.');
const time = z
  .number('Give a time in seconds, or leave it empty for never.')
  .positive('A time is more than 0 s.')
  .max(100_000, 'A time may be 100 000 s at most.')
  .nullable()
  .default(null);

/** One point of a printed trip curve: at a multiple of the rating, the soonest and the latest (s; null: never). */
export const curvePoint = z
  .object({ multiple, fastestSeconds: time, slowestSeconds: time })
  .refine(
    ({ fastestSeconds: fast, slowestSeconds: slow }) => slow === null || (fast !== null && fast <= slow),
    { path: ['slowestSeconds'], message: 'The latest cannot come before the soonest.' },
  );
export type CurvePoint = z.output<typeof curvePoint>;

export const curvePoints = z
  .array(curvePoint)
  .max(200, 'A curve may have 200 points at most.')
  .superRefine((points, context) => {
    const sorted = points.map((p, i) => ({ ...p, i })).sort((a, b) => a.multiple - b.multiple);
    sorted.slice(1).forEach((point, n) => {
      const before = sorted[n]!;
      const no = (field: string, message: string) =>
        context.addIssue({ code: 'custom', path: [point.i, field], message });
      if (point.multiple === before.multiple) no('multiple', 'This multiple is given twice.');
      for (const field of ['fastestSeconds', 'slowestSeconds'] as const) {
        const [now, then] = [point[field], before[field]];
        if (then !== null && (now === null || now > then))
          no(field, 'More current cannot take longer than less.');
      }
    });
    for (const edge of ['fastestSeconds', 'slowestSeconds'] as const) {
      if (points.filter((p) => isThermal(p[edge])).length < 2)
        context.addIssue({
          code: 'custom',
          path: [],
          message: `Give at least two points whose ${edge === 'fastestSeconds' ? 'soonest' : 'latest'} time is above 0.1 s: two figures are to be found from them.`,
        });
    }
  });

export const curveFitInput = z.object({ points: curvePoints });
export type CurveFitInput = z.input<typeof curveFitInput>;

const edge = z.object({
  k: z.number().describe('multiple at which it opens in the end'),
  tauSeconds: z.number(),
  error: z.number().describe('root mean square of the error of ln time; 0.1 is about 10 % of the time'),
});
export const curveFitOutput = z.object({ mostSensitive: edge, leastSensitive: edge });
export type CurveFit = z.infer<typeof curveFitOutput>;

/** Faster than this it is the magnet, not the bimetal. */
const MAGNETIC_BELOW_SECONDS = 0.1;
const isThermal = (seconds: number | null): seconds is number =>
  seconds !== null && seconds > MAGNETIC_BELOW_SECONDS;

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
