import { normal, normalWithin, type Random } from '../../facts/random/index.ts';
import type { KnownLoad, Samples } from '../../physics/loggedCurrent/index.ts';
import { heatAfter, leastSensitive, secondsToOpen, type ThermalElement } from '../../physics/trip/index.ts';

/** What really happened on a simulated circuit. */
export type TrueEvent =
  | { kind: 'on' | 'off'; atMs: number; amps: number; start: TrueStart | null }
  | { kind: 'trip' | 'restored'; atMs: number; amps: number };

/** How a load starts: current at first, in running currents, and how fast it falls, s. */
export interface TrueStart {
  times: number;
  seconds: number;
}

/** A circuit that is drawn: its breaker’s rating (A), its loads, and when the logger began (ms since 1970). */
export interface GivenCircuit {
  ratingAmps: number;
  loads: LoggedLoad[];
  startMs: number;
}

/** A circuit with a logger on it, and what really happened there. */
export interface LoggedCircuit {
  ratingAmps: number;
  intervalMs: number;
  loads: KnownLoad[];
  amps: Samples;
  volts: Samples;
  /** The same figures as a logger without noise would have written them. */
  clean: { amps: Float32Array; volts: Float32Array };
  usualVolts: number;
  events: TrueEvent[];
}

/** A load as it runs, its turns drawn from ranges of s. */
export interface LoggedLoad {
  amps: number;
  surge: TrueStart | null;
  onSeconds: [number, number];
  offSeconds: [number, number];
}

/** Steady for a moment: what flows from here on. */
interface Piece {
  at: number;
  amps: number;
}

const between = (random: Random, [least, most]: readonly [number, number]) =>
  least + random() * (most - least);

/** What hangs on circuits of a house, as drawn: heaters, compressors, pumps, lamps, tools, things left on. */
const KINDS: ((random: Random) => LoggedLoad)[] = [
  (random) => ({
    amps: between(random, [5, 12.5]),
    surge: null,
    onSeconds: [120, 900],
    offSeconds: [180, 1500],
  }),
  (random) => ({
    amps: between(random, [1.5, 5]),
    surge: { times: between(random, [3, 6.5]), seconds: between(random, [0.3, 1.2]) },
    onSeconds: [300, 1200],
    offSeconds: [400, 2400],
  }),
  (random) => ({
    amps: between(random, [4, 9]),
    surge: { times: between(random, [3, 6]), seconds: between(random, [0.3, 1.5]) },
    onSeconds: [60, 400],
    offSeconds: [600, 5000],
  }),
  (random) => ({
    amps: between(random, [0.6, 2]),
    surge: null,
    onSeconds: [1800, 20_000],
    offSeconds: [3600, 40_000],
  }),
  (random) => ({
    amps: between(random, [5, 10]),
    surge: { times: between(random, [2, 4]), seconds: between(random, [0.2, 0.6]) },
    onSeconds: [40, 300],
    offSeconds: [300, 9000],
  }),
  (random) => ({
    amps: between(random, [10, 13]),
    surge: null,
    onSeconds: [100, 260],
    offSeconds: [3000, 20_000],
  }),
];

/** A surge falls in so many pieces, each half its seconds long. */
const SURGE_PIECES = 8;
/** A changed level within the same sample is one change to any logger. */
const SUPPLY_OHMS = 0.06;

/**
 * A circuit with three to six loads in their turns, its breaker in order or past its best, a supply that sags now and then, and a
 * logger that writes down means over its interval with the noise of a meter.
 *
 * @param random where its numbers come from
 * @param days how long it is logged
 * @param intervalMs between two samples, ms
 * @param given a circuit that is drawn; left out, one is drawn here
 * @returns what was logged, and what really happened
 * @example loggedCircuit(seeded(1), 1, 1000).amps.values.length // 86400
 */
export function loggedCircuit(
  random: Random,
  days: number,
  intervalMs: number,
  given?: GivenCircuit,
): LoggedCircuit {
  const ratingAmps = given?.ratingAmps ?? [15, 20, 20, 30][Math.floor(random() * 4)]!;
  const loads = given?.loads ?? drawLoads(random);
  const unit = drawUnit(random, ratingAmps);
  const seconds = days * 86_400;
  const usualVolts = normalWithin(random, 120, 1.5, 116, 124);
  const { pieces, events } = run(random, loads, unit, ratingAmps, seconds);
  const supply = drawSupply(random, usualVolts, seconds);
  const count = Math.floor((seconds * 1000) / intervalMs);
  const times = new Float64Array(count);
  const clean = { amps: new Float32Array(count), volts: new Float32Array(count) };
  const [amps, volts] = [new Float32Array(count), new Float32Array(count)];
  const noise = { share: between(random, [0.002, 0.008]), amps: between(random, [0.01, 0.04]), volts: 0.15 };
  const startMs = given?.startMs ?? Date.UTC(2026, 0, 5, 6);
  const currentMean = meansOf(pieces);
  const supplyMean = meansOf(supply.map(({ at, volts: v }) => ({ at, amps: v })));
  for (let i = 0; i < count; i += 1) {
    const [from, to] = [(i * intervalMs) / 1000, ((i + 1) * intervalMs) / 1000];
    times[i] = startMs + i * intervalMs;
    const open = supplyMean(from, to) * (1 + 0.006 * Math.sin((2 * Math.PI * from) / 43_200));
    // What is on draws by the voltage it has.
    const current = currentMean(from, to) * (open / 120);
    clean.amps[i] = current;
    clean.volts[i] = open - SUPPLY_OHMS * current;
    amps[i] = Math.max(
      0,
      round(current * (1 + noise.share * normal(random)) + noise.amps * normal(random), 0.01),
    );
    volts[i] = round(clean.volts[i]! + noise.volts * normal(random), 0.1);
  }
  const known = loads.map((load, i) => ({ id: `load ${i + 1}`, amps: load.amps }));
  return {
    ratingAmps,
    intervalMs,
    loads: known,
    amps: { times, values: amps },
    volts: { times, values: volts },
    clean,
    usualVolts,
    events: events.map((event) => ({ ...event, atMs: startMs + event.atMs })),
  };
}

const round = (value: number, step: number) => Math.round(value / step) * step;

/** Three to six loads, no two of them of the same size. */
function drawLoads(random: Random): LoggedLoad[] {
  const wanted = 3 + Math.floor(random() * 4);
  const loads: LoggedLoad[] = [];
  while (loads.length < wanted) loads.push(KINDS[Math.floor(random() * KINDS.length)]!(random));
  return loads;
}

/** In order mostly; one in five opens too early. */
function drawUnit(random: Random, ratingAmps: number): ThermalElement {
  const slowest = leastSensitive(ratingAmps);
  const threshold = random() < 0.2 ? between(random, [0.9, 1.05]) : between(random, [1.1, 1.33]);
  return { thresholdSquared: threshold ** 2, tauSeconds: slowest.tauSeconds * between(random, [0.25, 0.9]) };
}

/** A supply as it is: steady, but now and then a sag or a swell of half a second to a minute. */
function drawSupply(random: Random, usual: number, seconds: number): { at: number; volts: number }[] {
  const pieces = [{ at: 0, volts: usual }];
  for (let at = between(random, [600, 9000]); at < seconds - 120; at += between(random, [1200, 14_000])) {
    const share = random() < 0.8 ? -between(random, [0.07, 0.35]) : between(random, [0.07, 0.12]);
    pieces.push({ at, volts: usual * (1 + share) }, { at: at + between(random, [0.5, 60]), volts: usual });
  }
  return pieces;
}

/** The loads in their turns, through a breaker that opens by its heat and is reset by somebody by and by. */
function run(
  random: Random,
  loads: readonly LoggedLoad[],
  unit: ThermalElement,
  ratingAmps: number,
  seconds: number,
) {
  const states = loads.map((load) => {
    const on = random() < 0.3;
    return {
      load,
      on,
      since: -1000,
      next: between(random, on ? load.onSeconds : load.offSeconds) * random(),
    };
  });
  const pieces: Piece[] = [];
  const events: TrueEvent[] = [];
  let closed = true;
  let resetAt = Infinity;
  let heat = 0;
  let now = 0;
  const flowing = (at: number) =>
    states.reduce(
      (sum, { load, on, since }) => sum + (on ? load.amps * (1 + surgeAt(load, at - since)) : 0),
      0,
    );
  while (now < seconds) {
    const amps = closed ? flowing(now) : 0;
    pieces.push({ at: now, amps });
    // Until when nothing changes.
    let until = Math.min(seconds, resetAt);
    for (const { load, on, since, next } of states) {
      until = Math.min(until, next);
      if (on && load.surge && now - since < (SURGE_PIECES * load.surge.seconds) / 2 - 1e-9) {
        const piece = Math.floor((now - since) / (load.surge.seconds / 2) + 1e-9) + 1;
        until = Math.min(until, since + (piece * load.surge.seconds) / 2);
      }
    }
    until = Math.max(until, now + 1e-3);
    const opens = closed ? secondsToOpen(unit, amps / ratingAmps, Math.sqrt(heat)) : null;
    if (opens !== null && now + opens <= until) {
      now += opens;
      heat = unit.thresholdSquared;
      events.push({ kind: 'trip', atMs: now * 1000, amps });
      closed = false;
      resetAt = now + between(random, [180, 5400]);
      continue;
    }
    heat = heatAfter(unit.tauSeconds, heat, amps / ratingAmps, until - now);
    now = until;
    if (now >= resetAt) {
      [closed, resetAt] = [true, Infinity];
      for (const state of states) state.since = now;
      const back = states.reduce((sum, { load, on }) => sum + (on ? load.amps : 0), 0);
      if (back > 0) events.push({ kind: 'restored', atMs: now * 1000, amps: back });
    }
    for (const state of states) {
      if (state.next > now) continue;
      state.on = !state.on;
      state.since = now;
      state.next = now + between(random, state.on ? state.load.onSeconds : state.load.offSeconds);
      if (closed)
        events.push({
          kind: state.on ? 'on' : 'off',
          atMs: now * 1000,
          amps: state.load.amps,
          start: state.on ? state.load.surge : null,
        });
    }
  }
  return { pieces, events };
}

/**
 * How much more than it runs at a load draws after its start.
 *
 * @param load how it starts
 * @param since the start, s
 * @returns in running currents
 * @example surgeAt({ surge: { times: 5, seconds: 1 } }, 0) // 4
 */
export function surgeAt({ surge }: Pick<LoggedLoad, 'surge'>, since: number): number {
  if (!surge || since < 0) return 0;
  const piece = Math.floor(since / (surge.seconds / 2) + 1e-9);
  return piece >= SURGE_PIECES ? 0 : (surge.times - 1) * Math.exp(-piece / 2);
}

/** The mean of steady pieces over one stretch after the other. */
function meansOf(pieces: readonly Piece[]): (from: number, to: number) => number {
  let at = 0;
  return (from, to) => {
    while (at + 1 < pieces.length && pieces[at + 1]!.at <= from) at += 1;
    let sum = 0;
    for (let i = at; i < pieces.length && pieces[i]!.at < to; i += 1) {
      const end = Math.min(to, pieces[i + 1]?.at ?? Infinity);
      sum += pieces[i]!.amps * (end - Math.max(from, pieces[i]!.at));
    }
    return sum / (to - from);
  };
}
