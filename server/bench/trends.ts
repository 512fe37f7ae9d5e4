import { HEAT_LIMITS } from '@phylaxon/core/facts/limits';
import { warmingTrend, type JointReading } from '@phylaxon/core/diagnosis/trends';
import { seeded } from '@phylaxon/core/facts/random';
import { jointHistory, type JointHistory } from '@phylaxon/core/testing';
import { median, say, verdict } from './say.ts';

const HISTORIES = 1000;
const BREAKER = { id: '00000000-0000-4000-8000-000000000001', ratingAmps: 20 };
const [NOISE_C, WORSE_C, YEARS] = [3, 2, 3];

const jointsOf = (history: JointHistory, seed: number): JointReading[][] => {
  const random = seeded(seed);
  return Array.from({ length: HISTORIES }, () => jointHistory(history, random));
};

/** The readings up to each scan from the end of the steady years on, with the years since. */
const looks = (
  readings: readonly JointReading[],
  { steadyYears, scansAYear, points = ['terminal'] }: JointHistory,
) =>
  Array.from({ length: YEARS * scansAYear + 1 }, (_, scan) => ({
    years: scan / scansAYear,
    sofar: readings.slice(0, (steadyYears * scansAYear + scan + 1) * points.length),
  }));

/** Of so many made-up joints those that are told, and after how many years, looked at after every scan. */
function told(history: JointHistory, seed: number): { share: number; after: number | null } {
  const after = jointsOf(history, seed).flatMap((readings) => {
    const at = looks(readings, history).find(({ sofar }) => warmingTrend(BREAKER, sofar) !== null);
    return at ? [at.years] : [];
  });
  return { share: after.length / HISTORIES, after: after.length === 0 ? null : median(after) };
}

/** How far the level of a joint may lie apart and still explain all readings, warming from the first one on; °C. */
function room(readings: readonly JointReading[], perYearC: number, { scansAYear }: JointHistory): number {
  const within = readings.map(({ surfaceC, ambientC, amps }, i) => {
    const scale = (15 / amps) ** HEAT_LIMITS.currentExponent;
    const level = (surfaceC - ambientC) * scale - (perYearC * i) / scansAYear;
    return [level - NOISE_C * scale, level + NOISE_C * scale] as const;
  });
  return Math.max(0, Math.min(...within.map(([, high]) => high)) - Math.max(...within.map(([low]) => low)));
}

/**
 * The most that any rule can tell that takes no more than five in a hundred steady joints for worse: the ratio of the two
 * likelihoods, knowing beforehand the rate, that it begins with the first scan, and the noise.
 */
function mostThatCanBeTold(history: JointHistory, seed: number): number {
  const best = (perYearC: number) =>
    jointsOf({ ...history, perYearC }, seed + perYearC).map((readings) => {
      const ratio = room(readings, WORSE_C, history) / room(readings, 0, history);
      return Number.isNaN(ratio) ? 0 : ratio;
    });
  const limit = best(0).sort((a, b) => a - b)[Math.floor(0.95 * HISTORIES)]!;
  return best(WORSE_C).filter((ratio) => ratio > limit).length / HISTORIES;
}

const percent = (share: number) => `${(100 * share).toFixed(1)}%`;

/** How soon a joint that worsens by 2 °C a year is told, read to ± 3 °C, and how often a steady one is. */
export function benchTrends(): void {
  say(`  Joints read to ± ${NOISE_C} °C, ${HISTORIES} made-up histories each, told within ${YEARS} years`);
  let seed = 20_261_128;
  const kinds = [
    { steadyYears: 0, points: ['terminal'], words: '' },
    { steadyYears: 0, points: ['terminal', 'face'], words: ', at the terminal and the face' },
    { steadyYears: 3, points: ['terminal'], words: ', 3 years on record before' },
  ] as const;
  for (const { words, ...kind } of kinds)
    for (const scansAYear of [1, 2, 4]) {
      const history = { ...kind, scansAYear, years: YEARS, noiseC: NOISE_C };
      const worse = told({ ...history, perYearC: WORSE_C }, (seed += 1));
      const steady = told({ ...history, perYearC: 0 }, (seed += 1));
      const most =
        words === ''
          ? ` of ${percent(mostThatCanBeTold({ ...history, perYearC: 0 }, (seed += 10)))} that any rule could`
          : '';
      say(
        `    ${scansAYear} a year${words}: ${WORSE_C} °C a year ${percent(worse.share)}${most}, after ${worse.after} years in the middle; steady ${percent(steady.share)}${verdict(steady.share < 0.05, 'under 5%')}`,
      );
    }
  say('');
}
