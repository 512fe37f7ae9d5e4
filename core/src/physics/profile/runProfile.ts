import type { ThermalElement } from '../trip/index.ts';
import { LoadClock, LoggedClock, turnsOf, type Current, type DutyCycles } from './loadClock.ts';
import type { z } from 'zod';
import type { profileQuestion } from './schema.ts';

type Profile = z.output<typeof profileQuestion>;

/** What a unit is: its bimetal at the ambient at hand, and where its magnet picks up, in ratings. */
export interface BreakerElement extends ThermalElement {
  pickup: number;
}

/**
 * The current of a profile, its loads so far in their turns (s each; all at their start if left out).
 *
 * @param profile loads in their turns, and what was logged
 * @param phases where in its turn each load is, s
 * @param turns the turns of the loads, if they are worked out already
 * @returns A at any second
 * @example currentOf({ loads: [], logged: [] }).amps // 0
 */
export const currentOf = (
  { loads, logged }: Profile,
  phases: readonly number[] = [],
  turns: DutyCycles = turnsOf(loads),
): Current => (logged.length > 0 ? new LoggedClock(logged) : new LoadClock(turns, phases));

/**
 * When a unit opens under a current that changes: exact over every stretch, from cold.
 *
 * @param current what the circuit carries
 * @param horizon how long to look, s
 * @returns seconds from the start; `Infinity`: it holds so long
 * @example opensAfter({ thresholdSquared: 1.8225, tauSeconds: 197, pickup: 20 }, 20,
 *   currentOf(profileQuestion.parse({ ratingAmps: 20, loads: [{ id: 'a', amps: 40 }] })), 3600) // 119.8…
 */
export function opensAfter(
  unit: BreakerElement,
  ratingAmps: number,
  current: Current,
  horizon: number,
): number {
  const { thresholdSquared, tauSeconds, pickup } = unit;
  let heat = 0;
  let elapsed = 0;
  while (elapsed < horizon) {
    const seconds = current.next(horizon - elapsed);
    const multiple = current.amps / ratingAmps;
    if (multiple >= pickup) return elapsed;
    const finalHeat = multiple * multiple;
    if (finalHeat > thresholdSquared) {
      const opens = tauSeconds * Math.log((finalHeat - heat) / (finalHeat - thresholdSquared));
      if (opens <= seconds) return elapsed + Math.max(0, opens);
    }
    heat = finalHeat + (heat - finalHeat) * Math.exp(-seconds / tauSeconds);
    elapsed += seconds;
  }
  return Infinity;
}

/** One stretch of a profile, to be drawn. */
export interface DrawnStretch {
  from: number;
  amps: number;
}

/**
 * The current of a profile with all loads at the start of their turn, as it changes; at most `most` changes.
 *
 * @param profile loads in their turns, and what was logged
 * @param most stretches at most
 * @returns A and s of each stretch
 * @example drawProfile(profileQuestion.parse({ ratingAmps: 20, loads: [{ id: 'a', amps: 4 }] }))
 *   // [{ from: 0, amps: 4 }]
 */
export function drawProfile(profile: Profile, most = 4000): DrawnStretch[] {
  const current = currentOf(profile);
  const horizon = profile.hours * 3600;
  const drawn: DrawnStretch[] = [];
  let elapsed = 0;
  while (elapsed < horizon && drawn.length < most) {
    const seconds = current.next(horizon - elapsed);
    drawn.push({ from: elapsed, amps: current.amps });
    elapsed += seconds;
  }
  return drawn;
}
