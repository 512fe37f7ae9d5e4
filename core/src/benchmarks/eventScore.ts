import { loadEvents, voltageEvents, type LoadEvent } from '../physics/loggedCurrent/index.ts';
import { surgeAt, type LoggedCircuit, type TrueEvent } from '../simulate/panel/index.ts';

/** Of how many, found; of how many told, so. */
export interface Score {
  real: number;
  found: number;
  told: number;
  right: number;
}
export type ScoredKind = 'switching' | 'starts' | 'trips' | 'sags';
export type EventScore = Record<ScoredKind, Score>;

/** What no logger can tell from nothing: smaller changes, A. */
const LEAST_AMPS = 0.5;
/** A start shows where one clean sample lies so far above what runs afterwards, as a share of what started, and in A. */
const START_SHOWS = { share: 0.35, amps: 1 };
/** A sag counts from so much off; what is told within this is no slip. */
const SAG = { real: 0.055, told: 0.045 };

/** A change to be found: everything that happened within one sample is one change. */
interface Change {
  atMs: number;
  amps: number;
}

/**
 * How well what happened in a simulated log is found.
 *
 * @param log as simulated, with what really happened
 * @returns for each kind, how many there were, were found, were told, and were so
 * @example scoreEvents(loggedCircuit(seeded(1), 1, 1000)).trips.found
 */
export function scoreEvents(log: LoggedCircuit): EventScore {
  const told = loadEvents(log.amps, log.ratingAmps, log.loads, voltageEvents(log.volts));
  const tolerance = 2 * log.intervalMs + 1000;
  const real = changesOf(log);
  const toldChanges = told.filter((one) => one.kind !== 'trip').map(changeOf);
  const sameChange = (a: Change, b: Change) =>
    Math.abs(a.atMs - b.atMs) <= tolerance &&
    Math.sign(a.amps) === Math.sign(b.amps) &&
    Math.abs(a.amps - b.amps) <= Math.max(0.5, 0.25 * Math.abs(a.amps));
  const starts = startsOf(log);
  const toldStarts = told.filter((one) => one.kind === 'switched-on' && one.start !== null);
  const near = (a: { atMs: number }, b: { atMs: number }) => Math.abs(a.atMs - b.atMs) <= tolerance;
  const trips = log.events.filter(({ kind }) => kind === 'trip');
  return {
    switching: score(real, toldChanges, sameChange),
    starts: score(starts.sure, toldStarts, near, starts.perhaps),
    trips: score(
      trips,
      told.filter(({ kind }) => kind === 'trip'),
      near,
    ),
    sags: sagScore(log),
  };
}

const changeOf = (one: LoadEvent): Change => ({
  atMs: one.atMs,
  amps: one.kind === 'switched-off' ? -one.amps : one.amps,
});

/** Real ones are found once, told ones are right once. */
function score<R, T>(
  real: readonly R[],
  told: readonly T[],
  isSame: (real: R, told: T) => boolean,
  alsoRight: readonly R[] = [],
): Score {
  const left = [...told];
  let found = 0;
  for (const one of real) {
    const i = left.findIndex((other) => isSame(one, other));
    if (i < 0) continue;
    left.splice(i, 1);
    found += 1;
  }
  const allowed = left.filter((other) => alsoRight.some((one) => isSame(one, other))).length;
  return { real: real.length, found, told: told.length, right: found + allowed };
}

const isSwitching = ({ kind }: TrueEvent) => kind !== 'trip';

function changesOf({ events, intervalMs }: LoggedCircuit): Change[] {
  const changes: Change[] = [];
  let sample = -1;
  for (const event of events.filter(isSwitching)) {
    const amps = event.kind === 'off' ? -event.amps : event.amps;
    const own = Math.floor(event.atMs / intervalMs);
    const last = changes.at(-1);
    if (last && own === sample) last.amps += amps;
    else changes.push({ atMs: event.atMs, amps });
    sample = own;
  }
  return changes.filter(({ amps }) => Math.abs(amps) >= LEAST_AMPS);
}

/** Starts that show in what a clean logger would have written of this load alone; and those that show a little. */
function startsOf({ events, intervalMs }: LoggedCircuit) {
  const shows = (share: number, least: number) =>
    events.filter((event) => {
      const above = shownSurge(event, intervalMs);
      return above >= share && above * event.amps >= least;
    });
  return {
    sure: shows(START_SHOWS.share, START_SHOWS.amps),
    perhaps: shows(START_SHOWS.share / 4, START_SHOWS.amps / 4),
  };
}

/** By how much the highest sample of a load that starts lies above what it runs at, in running currents. */
function shownSurge(event: TrueEvent, intervalMs: number): number {
  if (event.kind !== 'on' || event.start === null) return 0;
  const surge = event.start;
  const into = event.atMs % intervalMs;
  const mean = (sample: number) => {
    const parts = 200;
    let sum = 0;
    for (let i = 0; i < parts; i += 1) {
      const since = ((sample + (i + 0.5) / parts) * intervalMs - into) / 1000;
      if (since >= 0) sum += 1 + surgeAt({ surge }, since);
    }
    return sum / parts - 1;
  };
  return Math.max(mean(0), mean(1));
}

function sagScore({ volts, clean, usualVolts, intervalMs }: LoggedCircuit): Score {
  const stretches = (share: number) => {
    const found: { from: number; to: number }[] = [];
    clean.volts.forEach((value, i) => {
      if (value >= usualVolts * (1 - share)) return;
      const last = found.at(-1);
      if (last && last.to === i - 1) last.to = i;
      else found.push({ from: i, to: i });
    });
    return found.map(({ from, to }) => ({ fromMs: volts.times[from]!, toMs: volts.times[to]! }));
  };
  const told = voltageEvents(volts).filter(({ kind }) => kind !== 'swell');
  type Stretch = { fromMs: number; toMs: number };
  const meets = (real: Stretch, one: { atMs: number; seconds: number }) =>
    one.atMs <= real.toMs + intervalMs && one.atMs + one.seconds * 1000 >= real.fromMs - intervalMs;
  return score(stretches(SAG.real), told, meets, stretches(SAG.told));
}

/**
 * Scores of several logs together.
 *
 * @param scores of single logs
 * @returns their sums
 * @example sumScores([scoreEvents(log)])
 */
export function sumScores(scores: readonly EventScore[]): EventScore {
  const empty = (): Score => ({ real: 0, found: 0, told: 0, right: 0 });
  const sum: EventScore = { switching: empty(), starts: empty(), trips: empty(), sags: empty() };
  for (const one of scores)
    for (const kind of Object.keys(sum) as ScoredKind[])
      for (const part of ['real', 'found', 'told', 'right'] as const) sum[kind][part] += one[kind][part];
  return sum;
}
