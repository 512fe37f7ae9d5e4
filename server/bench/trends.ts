import { warmingTrends } from '@phylaxon/core/diagnosis/trends';
import { seeded } from '@phylaxon/core/facts/random';
import { jointHistory, type JointHistory } from '@phylaxon/core/testing';
import { median, say, verdict } from './say.ts';

const HISTORIES = 1000;
const BREAKER = { id: '00000000-0000-4000-8000-000000000001', ratingAmps: 20 };

/** Of so many made-up joints those that are told, and after how many years, looked at after every scan. */
function told(history: JointHistory, seed: number): { share: number; after: number | null } {
  const random = seeded(seed);
  const after: number[] = [];
  for (let i = 0; i < HISTORIES; i++) {
    const readings = jointHistory(history, random);
    const from = history.steadyYears * history.scansAYear;
    const at = readings.findIndex(
      (_, n) => n >= from && warmingTrends(BREAKER, readings.slice(0, n + 1)).length > 0,
    );
    if (at >= 0) after.push((at - from) / history.scansAYear);
  }
  return { share: after.length / HISTORIES, after: after.length === 0 ? null : median(after) };
}

const percent = (share: number) => `${(100 * share).toFixed(1)} %`;

/** How soon a joint that worsens by 2 °C a year is told, read to ± 3 °C, and how often a steady one is. */
export function benchTrends(): void {
  say(`  Joints read to ± 3 °C, ${HISTORIES} made-up histories each, told within three years`);
  let seed = 20_261_128;
  for (const steadyYears of [0, 3])
    for (const scansAYear of [1, 2, 4]) {
      const history = { steadyYears, scansAYear, years: 3, noiseC: 3 };
      const worse = told({ ...history, perYearC: 2 }, (seed += 1));
      const steady = told({ ...history, perYearC: 0 }, (seed += 1));
      say(
        `    ${scansAYear} a year${steadyYears > 0 ? `, ${steadyYears} years on record before` : ''}: 2 °C a year ${percent(worse.share)}, after ${worse.after} years in the middle; steady ${percent(steady.share)}${verdict(steady.share < 0.05, 'under 5 %')}`,
      );
    }
  say('');
}
