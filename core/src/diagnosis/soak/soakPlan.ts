import { LOAD_LIMITS, TIME_LIMITS } from '../../facts/limits/index.ts';
import { exceeds } from '../../facts/quantities/index.ts';
import { HALVES, legsOf, sayPlace, type Leg } from '../../panel/layout/index.ts';
import { leastSensitive } from '../../physics/trip/index.ts';
import { loadAmps, type Breaker, type Circuit } from '../../record/entities/index.ts';
import type { LeftOff, SoakPlan, SoakStep } from './schema.ts';

/** A breaker in its panel with what hangs on it. */
export interface SoakCircuit {
  breaker: Breaker;
  circuit: Pick<Circuit, 'label' | 'loads'> | null;
}

/**
 * How to put a panel under load before a scan: what to switch on, one after the other, the larger loads first and each where the leg
 * carries less, nothing beyond a breaker’s rating or four fifths of the main; how long to wait; and in which order to scan.
 *
 * Source: UL 489 type calibration for the time constants (three of the slowest breaker’s).
 *
 * @param circuits what is in the panel
 * @param mainAmps rating of the main, or of the bus, A; null: not known
 * @returns steps in their order, what stays off, how long (min), and the walk
 * @example soakPlan([], 100).minutes // 30
 */
export function soakPlan(circuits: readonly SoakCircuit[], mainAmps: number | null): SoakPlan {
  const branches = circuits.filter(({ breaker }) => breaker.role === 'branch' && breaker.space !== null);
  const legs: Record<Leg, number> = { A: 0, B: 0 };
  const ampsOf: Record<string, number> = {};
  const steps: SoakStep[] = [];
  const leftOff: LeftOff[] = [];
  const waiting = branches.flatMap((one) =>
    (one.circuit?.loads ?? [])
      .map((load) => ({ one, load, amps: loadAmps(load) }))
      .filter(({ amps }) => amps > 0),
  );
  // The larger first; of what is left, always one that goes on the leg that carries less.
  waiting.sort((a, b) => b.amps - a.amps);
  while (waiting.length > 0) {
    const lighter: Leg = legs.A <= legs.B ? 'A' : 'B';
    const next = waiting.findIndex(({ one }) => legsOfBreaker(one.breaker).includes(lighter));
    const [{ one, load, amps }] = waiting.splice(Math.max(0, next), 1) as [(typeof waiting)[number]];
    const { breaker, circuit } = one;
    const own = ampsOf[breaker.id] ?? 0;
    const about = { breakerId: breaker.id, place: sayPlace(breaker), load: load.name, amps };
    const onLegs = legsOfBreaker(breaker);
    if (exceeds(own + amps, breaker.ratingAmps)) leftOff.push({ ...about, why: 'breaker' });
    else if (
      mainAmps !== null &&
      onLegs.some((leg) => exceeds(legs[leg] + amps, LOAD_LIMITS.continuousShare * mainAmps))
    )
      leftOff.push({ ...about, why: 'leg' });
    else {
      for (const leg of onLegs) legs[leg] += amps;
      ampsOf[breaker.id] = own + amps;
      steps.push({ ...about, loadId: load.id, circuit: circuit?.label ?? '', on: onLegs, legs: { ...legs } });
    }
  }
  const byRatingAmps = Math.max(mainAmps ?? 0, ...branches.map(({ breaker }) => breaker.ratingAmps), 1);
  const soaked = (TIME_LIMITS.loadTestConstants * leastSensitive(byRatingAmps).tauSeconds) / 60;
  return {
    steps,
    leftOff,
    minutes: Math.max(TIME_LIMITS.loadTestMinutes, Math.ceil(soaked / 5) * 5),
    byRatingAmps,
    legs,
    walk: walkOf(circuits),
    ampsOf,
  };
}

const legsOfBreaker = (breaker: Breaker): Leg[] => legsOf({ ...breaker, space: breaker.space! });

function walkOf(circuits: readonly SoakCircuit[]): string[] {
  const inOrder = (side: 0 | 1) =>
    circuits
      .filter(({ breaker }) => breaker.space !== null && breaker.space % 2 === side)
      .sort(
        (a, b) =>
          a.breaker.space! - b.breaker.space! ||
          HALVES.indexOf(a.breaker.half!) - HALVES.indexOf(b.breaker.half!),
      )
      .map(({ breaker }) => breaker.id);
  const mains = circuits.filter(({ breaker }) => breaker.role === 'main').map(({ breaker }) => breaker.id);
  return [...mains, ...inOrder(1), ...inOrder(0).reverse()];
}
