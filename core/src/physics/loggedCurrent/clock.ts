import { LONGEST_HOLD, usualInterval } from './samples.ts';

export interface Gap {
  fromMs: number;
  toMs: number;
}

/** How a logger kept time. */
export interface LoggerClock {
  /** Between two samples as a rule, ms. */
  usualMs: number;
  /** Stretches without samples, longest first, fifty at most. */
  gaps: Gap[];
  gapCount: number;
  /** Time without samples in all, ms. */
  missingMs: number;
  /** How much longer than its whole figure an interval is on average, in seconds a day: a clock or a logger that lags. */
  driftSecondsADay: number | null;
}

/** Nobody reads more of them. */
const MOST_GAPS = 50;
/** Fewer samples tell nothing of drift. */
const LEAST_FOR_DRIFT = 600;
/** Less than this lies within what any cheap clock does. */
const LEAST_DRIFT_SECONDS = 5;

/**
 * How a logger kept time: its interval, where samples are missing, and whether intervals are a little longer or shorter than they
 * were set to.
 *
 * @param times ms since 1970, ascending
 * @returns interval (ms), gaps, and drift (s a day; null where none shows)
 * @example loggerClock(Float64Array.of(0, 1000, 2000, 60_000)).gaps // [{ fromMs: 2000, toMs: 60_000 }]
 */
export function loggerClock(times: Float64Array): LoggerClock {
  const usualMs = usualInterval(times);
  const gaps: Gap[] = [];
  let missingMs = 0;
  let [kept, keptMs] = [0, 0];
  for (let i = 1; i < times.length; i += 1) {
    const between = times[i]! - times[i - 1]!;
    if (between > LONGEST_HOLD * usualMs) {
      gaps.push({ fromMs: times[i - 1]!, toMs: times[i]! });
      missingMs += between - usualMs;
    } else if (between < 1.5 * usualMs && between > 0.5 * usualMs) {
      kept += 1;
      keptMs += between;
    }
  }
  const gapCount = gaps.length;
  gaps.sort((a, b) => b.toMs - b.fromMs - (a.toMs - a.fromMs));
  return {
    usualMs,
    gaps: gaps.slice(0, MOST_GAPS),
    gapCount,
    missingMs,
    driftSecondsADay: driftOf(kept, keptMs),
  };
}

/** Loggers are set to whole seconds, or to a tenth or a hundredth of one. */
function driftOf(count: number, totalMs: number): number | null {
  if (count < LEAST_FOR_DRIFT) return null;
  const mean = totalMs / count;
  const step = mean >= 900 ? 1000 : mean >= 90 ? 100 : 10;
  const set = Math.max(step, Math.round(mean / step) * step);
  const drift = (mean / set - 1) * 86_400;
  return Math.abs(drift) < LEAST_DRIFT_SECONDS || Math.abs(drift) > 1800 ? null : drift;
}
