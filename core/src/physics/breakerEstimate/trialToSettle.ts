import { beliefFrom, conclude, withEvent, type Belief } from './effectiveRating.ts';
import { chanceToHold } from './predict.ts';
import type { EffectiveRatingInput, EstimateJudgment } from './schema.ts';

/** A load that can be switched on for a trial. */
export interface TrialLoad {
  name: string;
  amps: number;
}

/** What to do about a unit whose record does not settle it. */
export type Settlement =
  /**
   * The record settles it; there is nothing on record that asks a question; or what its conductor carries is not
   * known, and without that no trial is safe.
   */
  | { kind: 'settled' | 'no-record' | 'conductor-first' }
  | {
      kind: 'trial';
      amps: number;
      seconds: number;
      /** What to switch on; empty where the circuit’s loads are not known. */
      loads: string[];
      /** How likely it is that the trial settles it. */
      chance: number;
      ifHeld: EstimateJudgment;
      ifTripped: EstimateJudgment;
    }
  /** Only a current above its rating or its conductor’s ampacity would settle it. */
  | { kind: 'off-panel'; limitAmps: number };

const DURATIONS = [900, 1800, 3600] as const;
/** Less than this is not worth a trip. */
const WORTH_IT = 0.4;
/** What is on the circuit anyway is rather switched on than a load fetched that tells a little more. */
const NEARLY = 0.9;
/** Trials of fewer loads than these shares of the limit tell little. */
const LEAST_SHARE = 0.5;

/**
 * Which safe trial would settle a unit that is undetermined: which load, how long. Never above the
 * breaker’s rating or the conductor’s ampacity; where only that would settle it, the unit has to be replaced
 * or tested off the panel.
 *
 * @param input its record, as `effectiveRating` takes it
 * @param ampacity of its conductor, A; `null`: not known, then it is asked for first
 * @param loads what can be switched on
 * @returns the load, A and s; or why none is safe
 * @example trialToSettle({ ratingAmps: 20, events: [] }, 20, []).kind // 'no-record'
 */
export function trialToSettle(
  input: EffectiveRatingInput,
  ampacity: number | null,
  loads: readonly TrialLoad[],
): Settlement {
  if (!input.events.some((event) => event.outcome === 'tripped')) return { kind: 'no-record' };
  const belief = beliefFrom(input);
  if (conclude(belief).judgement !== 'undetermined') return { kind: 'settled' };
  if (ampacity === null) return { kind: 'conductor-first' };
  const limitAmps = Math.min(input.ratingAmps, ampacity);
  const trials = currents(limitAmps, loads).flatMap(({ amps, names }) =>
    DURATIONS.map((seconds) => ({ amps, seconds, loads: names, ...outlook(belief, amps, seconds) })),
  );
  const byChance = trials.sort((a, b) => b.chance - a.chance || a.seconds - b.seconds || a.amps - b.amps);
  const [best] = byChance;
  if (!best || best.chance < WORTH_IT) return { kind: 'off-panel', limitAmps };
  const withLoads = byChance.find(({ loads }) => loads.length > 0);
  const nearlyAsGood = withLoads && withLoads.chance >= NEARLY * best.chance;
  return { kind: 'trial', ...(nearlyAsGood ? withLoads : best) };
}

/** How a trial may end, and what would be concluded from each end. */
function outlook(belief: Belief, amps: number, seconds: number) {
  const segments = [{ amps, seconds }];
  const ifHeld = conclude(withEvent(belief, { ambientC: 25, segments, outcome: 'held' })).judgement;
  const ifTripped = conclude(
    withEvent(belief, { ambientC: 25, segments, outcome: 'tripped', notBeforeSeconds: 0 }),
  ).judgement;
  const holds = chanceToHold(belief, amps, seconds);
  const chance = (ifHeld === 'undetermined' ? 0 : holds) + (ifTripped === 'undetermined' ? 0 : 1 - holds);
  return { chance, ifHeld, ifTripped };
}

const SHARES = [1, 0.9, 0.8];
/** Loads more than these are tried out in no more than these combinations. */
const MOST_LOADS = 12;

/** Currents a trial may have: what the loads add up to, and shares of the limit for a load that is fetched. */
function currents(limitAmps: number, loads: readonly TrialLoad[]) {
  const known = [...loads]
    .filter(({ amps }) => amps > 0 && amps <= limitAmps)
    .sort((a, b) => b.amps - a.amps)
    .slice(0, MOST_LOADS);
  const sums = Array.from({ length: 2 ** known.length - 1 }, (_, n) => {
    const on = known.filter((_load, i) => ((n + 1) >> i) & 1);
    return { amps: on.reduce((sum, { amps }) => sum + amps, 0), names: on.map(({ name }) => name) };
  }).filter(({ amps }) => amps <= limitAmps && amps >= LEAST_SHARE * limitAmps);
  // The most, and about nine and eight tenths of it: a few stand for all.
  const fetched = SHARES.map((share) => ({ amps: limitAmps * share, names: [] as string[] }));
  const own = SHARES.flatMap((share) => {
    const below = sums.filter(({ amps }) => amps <= share * limitAmps + 1e-9);
    const most = below.sort((a, b) => b.amps - a.amps || a.names.length - b.names.length)[0];
    return most ? [most] : [];
  });
  return [...own, ...fetched];
}
