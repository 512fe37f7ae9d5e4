import type { Random } from '../facts/random/index.ts';

/** How a joint of a made-up history goes, and how it is measured. */
export interface JointHistory {
  /** °C a year, from `steadyYears` on. */
  perYearC: number;
  steadyYears: number;
  years: number;
  scansAYear: number;
  /** Where each scan reads it; left out: at its terminal. */
  points?: readonly ('terminal' | 'face')[];
  /** A reading is off by at most so much, °C, anywhere within it as likely. */
  noiseC: number;
}

/** Temperatures on a joint over the years, at loads that differ a little, as a thermometer reads them. */
export function jointHistory(history: JointHistory, random: Random, from = '2020-01-15T10:00:00.000Z') {
  const { perYearC, steadyYears, years, scansAYear, noiseC, points = ['terminal'] } = history;
  const load = 15;
  return Array.from({ length: (steadyYears + years) * scansAYear + 1 }, (_, i) => {
    const t = i / scansAYear;
    const amps = load * (0.85 + 0.3 * random());
    const rise = 10 + perYearC * Math.max(0, t - steadyYears);
    const ambientC = 18 + 8 * random();
    return points.map((point) => ({
      point,
      at: new Date(Date.parse(from) + t * 365.25 * 86_400_000).toISOString(),
      surfaceC: ambientC + rise * (amps / load) ** 1.8 + noiseC * (2 * random() - 1),
      ambientC,
      amps,
      errorC: null,
    }));
  }).flat();
}
