import type { z } from 'zod';
import type { Random } from '../../facts/random/index.ts';
import { mostAmps, turnSeconds, turnsOf } from './loadClock.ts';
import { currentOf, opensAfter } from './runProfile.ts';
import type { profileQuestion } from './schema.ts';
import type { DrawBreaker } from './breakers.ts';

/** How many of many units open, and when. */
export interface TripChance {
  units: number;
  /** Units that opened for the first time in each hour. */
  byHour: number[];
  opened: number;
  /** Share that opened at all, and between what it lies with 95% confidence. */
  share: number;
  low: number;
  high: number;
  /** When half of those that opened had opened, s; `null` if none did. */
  medianSeconds: number | null;
}

/** Units between two breaths, so that progress is told and a cancel is heard. */
const AT_A_TIME = 100;

/**
 * The chance of a trip, hour by hour: many units, each with its loads somewhere in their turns, each worked
 * exactly through the whole profile until it opens. Monte Carlo; yields how many units are done.
 *
 * @param profile what runs
 * @param draw draws the units: sound ones, or this one as far as its record tells
 * @param units how many
 * @returns yields, hour by hour, the share that opened so far
 * @example const work = tripChance(profile, soundBreakers(20, 25), 10_000, seeded(1));
 *   // for (let step = work.next(); …) step.value is the number done, at the end the result
 */
export function* tripChance(
  profile: z.output<typeof profileQuestion>,
  draw: DrawBreaker,
  units: number,
  random: Random,
): Generator<number, TripChance> {
  const horizon = profile.hours * 3600;
  const byHour = Array.from({ length: Math.ceil(profile.hours) }, () => 0);
  const times: number[] = [];
  const lengths = profile.loads.map(turnSeconds);
  const turns = turnsOf(profile.loads);
  const most = mostAmps(profile.loads, profile.logged) / profile.ratingAmps;
  for (let done = 0; done < units; done++) {
    if (done % AT_A_TIME === 0) yield done;
    const unit = draw(random);
    const phases = lengths.map((length) => length * random());
    // What even everything together does not open needs no working through.
    if (most * most <= unit.thresholdSquared && most < unit.pickup) continue;
    const seconds = opensAfter(unit, profile.ratingAmps, currentOf(profile, phases, turns), horizon);
    if (seconds === Infinity) continue;
    times.push(seconds);
    byHour[Math.min(byHour.length - 1, Math.floor(seconds / 3600))]!++;
  }
  times.sort((a, b) => a - b);
  return {
    units,
    byHour,
    opened: times.length,
    share: times.length / units,
    ...wilson(times.length, units),
    medianSeconds: times[times.length >> 1] ?? null,
  };
}

/**
 * Between what a share lies with 95% confidence, from how many of how many were seen.
 *
 * Source: E. B. Wilson, Probable inference, the law of succession, and statistical inference (1927).
 */
function wilson(seen: number, of: number) {
  const z = 1.959964;
  const share = seen / of;
  const centre = (share + (z * z) / (2 * of)) / (1 + (z * z) / of);
  const reach = (z / (1 + (z * z) / of)) * Math.sqrt((share * (1 - share)) / of + (z * z) / (4 * of * of));
  return { low: Math.max(0, centre - reach), high: Math.min(1, centre + reach) };
}
