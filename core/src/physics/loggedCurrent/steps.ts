import { stepThreshold } from './noise.ts';
import { LONGEST_HOLD, usualInterval, type Samples } from './samples.ts';

/** A change of the current that stays, or comes and goes within a few samples. */
export interface CurrentStep {
  /** When it began, ms since 1970. */
  atMs: number;
  /** Number of the first sample that shows it. */
  sample: number;
  fromAmps: number;
  toAmps: number;
  /** The most that was seen on the way, where it lies above both: what started drew more at first. */
  peakAmps: number | null;
  /** The least that was seen on the way, where it lies below both: something went off first. */
  dipAmps: number | null;
  /** From the change to the new level, ms. */
  settledMs: number;
}

/** A level is the mean of so many of its last samples: it follows what drifts. */
const MEMORY = 30;
/** Samples closer than this show a surge that falls: only three that agree are a level. */
const CLOSE_MS = 2500;
/** What started may take so many samples, and so long, to come down to what it runs at. */
const SETTLING_SAMPLES = 4;
const SETTLING_MS = 15_000;

/**
 * Steps of a logged current: where it leaves one level for another by more than the meter’s noise.
 *
 * @param samples A
 * @returns steps in their order
 * @example
 * stepsOf({ times: Float64Array.of(0, 1e3, 2e3, 3e3, 4e3), values: Float32Array.of(0, 0, 12, 5, 5) })
 *   // [{ atMs: 2000, fromAmps: 0, toAmps: 5, peakAmps: 12, … }]
 */
export function currentSteps(samples: Samples): CurrentStep[] {
  const { times, values } = samples;
  const threshold = stepThreshold(values);
  const usualMs = usualInterval(times);
  const longest = LONGEST_HOLD * usualMs;
  const agreeing = usualMs < CLOSE_MS ? 3 : 2;
  const steps: CurrentStep[] = [];
  const count = values.length;
  let i = 0;
  while (i < count && Number.isNaN(values[i]!)) i += 1;
  if (i === count) return steps;
  let level = values[i]!;
  let seen = 1;
  for (i += 1; i < count; i += 1) {
    const value = values[i]!;
    if (Number.isNaN(value)) continue;
    if (times[i]! - times[i - 1]! > longest) {
      // What happened in a gap is not known: the level is taken up anew behind it.
      [level, seen] = [value, 1];
      continue;
    }
    if (Math.abs(value - level) <= threshold(level)) {
      seen = Math.min(seen + 1, MEMORY);
      level += (value - level) / seen;
      continue;
    }
    const next = nextLevel(samples, i, threshold, longest, agreeing);
    const { settled, to } = next;
    const most = maximum(values, i, settled);
    const least = minimum(values, i, settled);
    const limit = threshold(Math.max(level, to));
    if (Math.abs(to - level) > threshold(Math.max(level, to))) {
      steps.push({
        atMs: times[i]!,
        sample: i,
        fromAmps: level,
        toAmps: to,
        peakAmps: most > Math.max(level, to) + limit ? most : null,
        dipAmps: least < Math.min(level, to) - limit ? least : null,
        settledMs: times[settled]! - times[i]!,
      });
    } else if (most > level + threshold(most)) {
      // It came and went within a few samples: on, and off again.
      steps.push(
        { atMs: times[i]!, sample: i, fromAmps: level, toAmps: most, ...AT_ONCE },
        { atMs: times[settled]!, sample: settled, fromAmps: most, toAmps: to, ...AT_ONCE },
      );
    } else if (least < level - threshold(level)) {
      steps.push(
        { atMs: times[i]!, sample: i, fromAmps: level, toAmps: least, ...AT_ONCE },
        { atMs: times[settled]!, sample: settled, fromAmps: least, toAmps: to, ...AT_ONCE },
      );
    }
    [level, seen] = [to, 1];
    i = settled;
  }
  return settledAfterStart(steps, usualMs);
}

const AT_ONCE = { peakAmps: null, dipAmps: null, settledMs: 0 } as const;

/** From a sample on, the first neighbors that agree, so many as are asked for or as there are before a gap: a new level. */
function nextLevel(
  { times, values }: Samples,
  from: number,
  threshold: (amps: number) => number,
  longest: number,
  agreeing: number,
): { settled: number; to: number } {
  const agree = (a: number, b: number) => Math.abs(a - b) <= threshold(Math.max(a, b));
  const follows = (j: number) => j + 1 < values.length && times[j + 1]! - times[j]! <= longest;
  for (let j = from; j < values.length; j += 1) {
    const first = values[j]!;
    let [end, sum] = [j, first];
    while (end - j + 1 < agreeing && follows(end) && agree(values[end + 1]!, first)) {
      end += 1;
      sum += values[end]!;
    }
    if (end - j + 1 === agreeing || !follows(end)) return { settled: j, to: sum / (end - j + 1) };
  }
  return { settled: values.length - 1, to: values[values.length - 1]! };
}

/** Small steps down right after a start are its way to what it runs at, no switching. */
function settledAfterStart(steps: readonly CurrentStep[], usualMs: number): CurrentStep[] {
  const kept: CurrentStep[] = [];
  const within = Math.max(SETTLING_MS, SETTLING_SAMPLES * usualMs);
  for (const step of steps) {
    const start = kept.at(-1);
    const surge = start && start.peakAmps !== null ? start.peakAmps - start.toAmps : 0;
    const isSettling =
      start !== undefined &&
      surge > 0 &&
      step.toAmps < step.fromAmps &&
      step.peakAmps === null &&
      step.atMs - start.atMs - start.settledMs <= within &&
      step.fromAmps - step.toAmps < 0.35 * (start.toAmps - start.fromAmps);
    if (isSettling) {
      start.toAmps = step.toAmps;
      start.settledMs = step.atMs + step.settledMs - start.atMs;
    } else kept.push({ ...step });
  }
  return kept;
}

function maximum(values: Float32Array, from: number, to: number): number {
  let most = -Infinity;
  for (let i = from; i <= to; i += 1) if (values[i]! > most) most = values[i]!;
  return most;
}

function minimum(values: Float32Array, from: number, to: number): number {
  let least = Infinity;
  for (let i = from; i <= to; i += 1) if (values[i]! < least) least = values[i]!;
  return least;
}
