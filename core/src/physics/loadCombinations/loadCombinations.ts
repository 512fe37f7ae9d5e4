import type { z } from 'zod';
import {
  atAmbient,
  bandFor,
  edgeOpens,
  MAGNETIC_PICKUP,
  MAGNETIC_SECONDS,
  secondsToOpen,
  type Edge,
  type ThermalElement,
} from '../trip/index.ts';
import {
  loadCombinationsInput,
  type SetTimes,
  type LoadCombinations,
  type LoadCombinationsInput,
} from './schema.ts';

type Loads = z.output<typeof loadCombinationsInput>['loads'];

/** The edges of a sound breaker at the ambient at hand. */
type Edges = Record<Edge, ThermalElement>;

const edgesOf = ({ ratingAmps, curve, ambientC }: z.output<typeof loadCombinationsInput>): Edges => {
  const band = bandFor(ratingAmps, curve);
  return {
    mostSensitive: atAmbient(band.mostSensitive, ambientC),
    leastSensitive: atAmbient(band.leastSensitive, ambientC),
  };
};

/**
 * Which loads of a circuit can run together indefinitely, and which sets may trip a sound breaker: all sets of
 * up to 20 loads, exactly. What more is switched on never trips later, so a set counts as offending only if
 * no part of it offends by itself.
 *
 * A set offends by what it draws together, or because one of its loads may trip it as it starts while
 * the others have run for long.
 *
 * @param input rating (A), ambient (°C) and loads (A running, and how they start)
 * @returns offending sets, smallest first, with how soon and how late a sound breaker opens (s; null: never)
 * @example loadCombinations({ ratingAmps: 20, loads: [{ id: 'press', amps: 14 }, { id: 'kettle', amps: 12.5 }] })
 *   .offending[0].loads // ['press', 'kettle']
 */
export function loadCombinations(input: LoadCombinationsInput): LoadCombinations {
  const question = loadCombinationsInput.parse(input);
  const { ratingAmps, loads, most } = question;
  const edges = edgesOf(question);
  const multiples = loads.map(({ amps }) => amps / ratingAmps);
  const sums = setSums(multiples);
  const offends = offendingSets(loads, multiples, sums, edges.mostSensitive);
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
      ...timesOf(
        loads.filter((_load, i) => (set >> i) & 1),
        ratingAmps,
        edges,
      ),
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

/** Which sets the most sensitive sound breaker opens on. A set with an offending part offends without a look. */
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

/** Whether a load may trip it as it starts while the others of its set have run for long. */
function startTrips(
  i: number,
  set: number,
  loads: Loads,
  multiples: readonly number[],
  sums: Float64Array,
  fastest: ThermalElement,
) {
  const { surgeTimes, surgeSeconds } = loads[i]!;
  const rest = sums[set]! - multiples[i]!;
  const surge = rest + multiples[i]! * surgeTimes!;
  if (surge >= MAGNETIC_PICKUP.mostSensitive) return true;
  const opens = secondsToOpen(fastest, surge, rest);
  return opens !== null && opens <= surgeSeconds!;
}

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

/**
 * When a sound breaker opens with all of these loads switched on from cold: by what they draw, or sooner, as
 * one of them starts while the others have run for long.
 *
 * @param input as `together` takes it
 * @returns by what, how soon and how late (s; null: never)
 * @example timesTogether({ ratingAmps: 20, loads: [{ id: 'press', amps: 14 }] }).by // null: it never opens
 */
export function combinationTimes(input: LoadCombinationsInput): SetTimes {
  const question = loadCombinationsInput.parse(input);
  return timesOf(question.loads, question.ratingAmps, edgesOf(question));
}

function timesOf(loads: Loads, ratingAmps: number, edges: Edges): SetTimes {
  const sum = loads.reduce((total, { amps }) => total + amps / ratingAmps, 0);
  const starting = loads.filter(({ surgeTimes }) => surgeTimes !== null);
  const running = (edge: Edge) => secondsToOpen(edges[edge], sum) ?? Infinity;
  const started = (edge: Edge) =>
    Math.min(...starting.map((load) => startOpens(load, sum, ratingAmps, edge, edges[edge])));
  const [runs, starts] = [running('mostSensitive'), started('mostSensitive')];
  const finite = (seconds: number) => (seconds === Infinity ? null : seconds);
  return {
    by: runs === Infinity && starts === Infinity ? null : starts < runs ? 'starting' : 'running',
    fastestSeconds: finite(Math.min(runs, starts)),
    slowestSeconds: finite(Math.min(running('leastSensitive'), started('leastSensitive'))),
  };
}

/** Seconds into its start at which a load opens a unit whose other loads have run for long; `Infinity`: it does not. */
function startOpens(
  { amps, surgeTimes, surgeSeconds }: Loads[number],
  sum: number,
  ratingAmps: number,
  edge: Edge,
  element: ThermalElement,
): number {
  const rest = sum - amps / ratingAmps;
  const opens = edgeOpens(edge, element, rest + (amps / ratingAmps) * surgeTimes!, rest * rest);
  // What the magnet sees within its few cycles it acts on.
  return opens !== null && opens <= Math.max(surgeSeconds!, MAGNETIC_SECONDS[edge]) ? opens : Infinity;
}
