import { ambientScale, heatAfter, secondsToOpen } from '../trip/index.ts';
import type { Belief } from './effectiveRating.ts';
import type { OpeningTimes, Segment } from './schema.ts';

/**
 * When this unit opens at a steady current, after what it carried before.
 *
 * @param belief what is believed of it (see `beliefFrom`)
 * @param amps the current from now on, A
 * @param before what it carried until now, from cold, oldest first (A, s)
 * @param ambientC ambient, °C
 * @returns seconds from now: 5, 50 and 95% of what is believed of it open sooner
 * @example openingTimes(beliefFrom({ ratingAmps: 20, events: [] }), 60).never // 0
 */
export function openingTimes(
  belief: Belief,
  amps: number,
  before: readonly Segment[] = [],
  ambientC = 25,
): OpeningTimes {
  const { grid, ratingAmps, lnTauTypical, mass } = belief;
  const scale = ambientScale(ambientC);
  const times: { seconds: number; mass: number }[] = [];
  let never = 0;
  for (let t = 0; t < grid.lnTauOff.length; t++) {
    const tauSeconds = Math.exp(lnTauTypical + grid.lnTauOff[t]!);
    const heat = before.reduce(
      (now, segment) => heatAfter(tauSeconds, now, segment.amps / ratingAmps, segment.seconds),
      0,
    );
    for (let i = 0; i < grid.cells; i++) {
      const weight = mass[t * grid.cells + i]!;
      if (weight < 1e-9) continue;
      const thresholdSquared = Math.exp(2 * (grid.first + i * grid.step)) * scale;
      const seconds = secondsToOpen({ thresholdSquared, tauSeconds }, amps / ratingAmps, Math.sqrt(heat));
      if (seconds === null) never += weight;
      else times.push({ seconds, mass: weight });
    }
  }
  times.sort((a, b) => a.seconds - b.seconds);
  return { ...quantiles(times), never };
}

/**
 * The chance that this unit carries a current for so long from cold without opening, at 25 °C.
 *
 * @param belief what is believed of it
 * @param amps A
 * @param seconds s
 * @returns 0 to 1
 * @example chanceToHold(beliefFrom({ ratingAmps: 20, events: [] }), 60, 3600) // 0
 */
export function chanceToHold(belief: Belief, amps: number, seconds: number): number {
  const { grid, ratingAmps, lnTauTypical, mass } = belief;
  let holds = 0;
  for (let t = 0; t < grid.lnTauOff.length; t++) {
    const tauSeconds = Math.exp(lnTauTypical + grid.lnTauOff[t]!);
    const lnK = 0.5 * Math.log(heatAfter(tauSeconds, 0, amps / ratingAmps, seconds));
    const from = Math.max(0, Math.ceil((lnK - grid.first) / grid.step));
    for (let i = from; i < grid.cells; i++) holds += mass[t * grid.cells + i]!;
  }
  return holds;
}

function quantiles(times: { seconds: number; mass: number }[]) {
  const at = (share: number) => {
    let below = 0;
    for (const { seconds, mass } of times) {
      below += mass;
      if (below >= share) return seconds;
    }
    return null;
  };
  return { p05: at(0.05), p50: at(0.5), p95: at(0.95) };
}
