import type { z } from 'zod';
import {
  atAmbient,
  bandOf,
  fitCurve,
  MAGNETIC_PICKUP,
  MAGNETIC_SECONDS,
  secondsToOpen,
  standardBand,
  type ThermalElement,
} from '../trip/index.ts';
import { togetherInput, type OffendingSet, type Together, type TogetherInput } from './schema.ts';

type Loads = z.output<typeof togetherInput>['loads'];

/**
 * Which loads of a circuit can run together for ever, and which sets may trip a sound breaker: all sets of
 * up to 20 loads, exactly. What more is switched on never trips later, so a set counts as offending only if
 * no part of it offends by itself.
 *
 * A set offends by what it draws together, or because one of its loads may trip it as it starts while
 * the others have run for long.
 *
 * @param input rating (A), ambient (°C) and loads (A running, and how they start)
 * @returns offending sets, smallest first, with how soon and how late a sound unit opens (s; null: never)
 * @example together({ ratingAmps: 20, loads: [{ id: 'press', amps: 14 }, { id: 'kettle', amps: 12.5 }] })
 *   .offending[0].loads // ['press', 'kettle']
 */
export function together(input: TogetherInput): Together {
  const { ratingAmps, ambientC, loads, curve, most } = togetherInput.parse(input);
  const edges = curve ? bandOf(fitCurve({ points: curve })) : standardBand(ratingAmps);
  const fastest = atAmbient(edges.mostSensitive, ambientC);
  const slowest = atAmbient(edges.leastSensitive, ambientC);
  const multiples = loads.map(({ amps }) => amps / ratingAmps);
  const sums = setSums(multiples);
  const offends = offendingSets(loads, multiples, sums, fastest);
  const smallest: number[] = [];
  const largest: number[] = [];
  let holding = 0;
  for (let set = 1; set < sums.length; set++) {
    if (offends[set]) {
      if (everyPartHolds(set, offends)) smallest.push(set);
    } else {
      holding++;
      if (anythingMoreOffends(set, offends, loads.length)) largest.push(set);
    }
  }
  const idsOf = (set: number) => loads.filter((_load, i) => (set >> i) & 1).map(({ id }) => id);
  const told = smallest
    .map((set) => ({ set, size: sizeOf(set) }))
    .sort((a, b) => a.size - b.size || sums[b.set]! - sums[a.set]!)
    .slice(0, most);
  return {
    offending: told.map(({ set }) => ({
      loads: idsOf(set),
      ...timesOf(set, loads, multiples, sums, fastest, slowest),
      amps: sums[set]! * ratingAmps,
    })),
    offendingCount: smallest.length,
    forever: largest
      .sort((a, b) => sizeOf(b) - sizeOf(a) || sums[b]! - sums[a]!)
      .slice(0, most)
      .map((set) => ({ loads: idsOf(set), amps: sums[set]! * ratingAmps })),
    foreverCount: largest.length,
    sets: sums.length - 1,
    holding,
  };
}

/** What each set draws: a set is a number whose bits are the loads in it. */
function setSums(multiples: readonly number[]): Float64Array {
  const sums = new Float64Array(2 ** multiples.length);
  multiples.forEach((multiple, i) => {
    const half = 2 ** i;
    for (let rest = 0; rest < half; rest++) sums[half + rest] = sums[rest]! + multiple;
  });
  return sums;
}

/** Which sets the most sensitive sound unit opens on. A set with an offending part offends without a look. */
function offendingSets(
  loads: Loads,
  multiples: readonly number[],
  sums: Float64Array,
  fastest: ThermalElement,
) {
  const offends = new Uint8Array(sums.length);
  const starting = loads.flatMap((load, i) => (load.surgeTimes === null ? [] : [i]));
  for (let set = 1; set < sums.length; set++) {
    const withoutOne = set & (set - 1);
    if (offends[withoutOne]) offends[set] = 1;
    else if (sums[set]! ** 2 > fastest.thresholdSquared) offends[set] = 1;
    else if (starting.some((i) => (set >> i) & 1 && startTrips(i, set, loads, multiples, sums, fastest)))
      offends[set] = 1;
  }
  return offends;
}

/** Seconds into its start at which a load opens a unit whose other loads have run for long; `null`: it does not. */
function startOpens(
  i: number,
  set: number,
  loads: Loads,
  multiples: readonly number[],
  sums: Float64Array,
  element: ThermalElement,
) {
  const { surgeTimes, surgeSeconds } = loads[i]!;
  const rest = sums[set]! - multiples[i]!;
  const surge = rest + multiples[i]! * surgeTimes!;
  const opens = secondsToOpen(element, surge, rest);
  return opens !== null && opens <= surgeSeconds! ? opens : null;
}

const surgeOf = (i: number, set: number, loads: Loads, multiples: readonly number[], sums: Float64Array) =>
  sums[set]! + multiples[i]! * (loads[i]!.surgeTimes! - 1);

const startTrips = (
  i: number,
  set: number,
  loads: Loads,
  multiples: readonly number[],
  sums: Float64Array,
  fastest: ThermalElement,
) =>
  surgeOf(i, set, loads, multiples, sums) >= MAGNETIC_PICKUP.mostSensitive ||
  startOpens(i, set, loads, multiples, sums, fastest) !== null;

function everyPartHolds(set: number, offends: Uint8Array): boolean {
  for (let rest = set; rest > 0; rest &= rest - 1) if (offends[set & ~(rest & -rest)]) return false;
  return true;
}

function anythingMoreOffends(set: number, offends: Uint8Array, loads: number): boolean {
  for (let i = 0; i < loads; i++) if (!((set >> i) & 1) && !offends[set | (1 << i)]) return false;
  return true;
}

function sizeOf(set: number): number {
  let size = 0;
  for (let rest = set; rest > 0; rest &= rest - 1) size++;
  return size;
}

function timesOf(
  set: number,
  loads: Loads,
  multiples: readonly number[],
  sums: Float64Array,
  fastest: ThermalElement,
  slowest: ThermalElement,
): Pick<OffendingSet, 'by' | 'fastestSeconds' | 'slowestSeconds'> {
  const running = secondsToOpen(fastest, sums[set]!);
  if (running !== null)
    return { by: 'running', fastestSeconds: running, slowestSeconds: secondsToOpen(slowest, sums[set]!) };
  const starts = loads.flatMap((load, i) => (load.surgeTimes !== null && (set >> i) & 1 ? [i] : []));
  const soonest = starts.map((i) =>
    surgeOf(i, set, loads, multiples, sums) >= MAGNETIC_PICKUP.mostSensitive
      ? MAGNETIC_SECONDS.fastest
      : (startOpens(i, set, loads, multiples, sums, fastest) ?? Infinity),
  );
  const latest = starts.map((i) =>
    surgeOf(i, set, loads, multiples, sums) >= MAGNETIC_PICKUP.leastSensitive
      ? MAGNETIC_SECONDS.slowest
      : (startOpens(i, set, loads, multiples, sums, slowest) ?? Infinity),
  );
  const finite = (seconds: number) => (seconds === Infinity ? null : seconds);
  return {
    by: 'starting',
    fastestSeconds: finite(Math.min(...soonest)),
    slowestSeconds: finite(Math.min(...latest)),
  };
}
