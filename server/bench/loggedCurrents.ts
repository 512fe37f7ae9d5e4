import { seeded } from '@phylaxon/core/facts/random';
import { highestMean } from '@phylaxon/core/physics/loggedCurrent';
import { loggedCircuit } from '@phylaxon/core/simulate/panel';
import { scoreEvents, sumScores, type EventScore } from '@phylaxon/core/benchmarks';
import { say, verdict } from './say.ts';

/** Logs of each length, with seeds that nothing was tuned to. */
const EACH = 75;
const FIRST_SEED = 71_000;
const LENGTHS = [
  { days: 1, intervalMs: 1000 },
  { days: 2, intervalMs: 2000 },
  { days: 3, intervalMs: 5000 },
  { days: 7, intervalMs: 10_000 },
];
const WANTED = 0.95;
const QUARTER_HOUR_MS = 900_000;

const percent = (share: number) => `${(100 * share).toFixed(1)}%`.padStart(8);

function tell(what: string, scores: EventScore, judged: boolean): void {
  say(`  ${what}`);
  for (const [kind, { real, found, told, right }] of Object.entries(scores)) {
    const [recall, precision] = [found / real, right / told];
    const mark = judged ? verdict(Math.min(recall, precision) >= WANTED, 'at least 95% each') : '';
    say(
      `    ${kind.padEnd(10)} ${String(real).padStart(7)}   found ${percent(recall)}   of what is told so ${percent(precision)}${mark}`,
    );
  }
}

/** The quarter hour found, against every window of the same log, one sample after the other. */
function quarterHourOff(log: ReturnType<typeof loggedCircuit>): number {
  const found = highestMean(log.amps, QUARTER_HOUR_MS)!.mean;
  const samples = Math.round(QUARTER_HOUR_MS / log.intervalMs);
  const { values } = log.amps;
  let [sum, most] = [0, 0];
  for (let i = 0; i < values.length; i += 1) {
    sum += values[i]! - (i >= samples ? values[i - samples]! : 0);
    if (i >= samples - 1) most = Math.max(most, sum / samples);
  }
  return Math.abs(found / most - 1);
}

/** What happened in logged currents, found again. */
export function benchLoggedCurrents(): void {
  say(`What happened in ${EACH * LENGTHS.length} simulated logs (three to six loads, meter noise):`);
  const all: EventScore[] = [];
  let off = 0;
  for (const { days, intervalMs } of LENGTHS) {
    const own: EventScore[] = [];
    for (let n = 0; n < EACH; n += 1) {
      const log = loggedCircuit(seeded(FIRST_SEED + 100_000 * days + n), days, intervalMs);
      own.push(scoreEvents(log));
      off = Math.max(off, quarterHourOff(log));
    }
    all.push(...own);
    tell(
      `${days} ${days === 1 ? 'day' : 'days'}, a sample every ${intervalMs / 1000} s`,
      sumScores(own),
      false,
    );
  }
  tell('All of them', sumScores(all), true);
  say(
    `  Highest quarter hour off by at most ${(100 * off).toFixed(4)} %${verdict(off <= 0.001, 'at most 0.1%')}`,
  );
  say('');
}
