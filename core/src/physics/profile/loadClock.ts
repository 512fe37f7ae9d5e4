import type { LoggedStretch, RunningLoad } from './schema.ts';

/** What the circuit carries, one stretch of steady current after the other. */
export interface Current {
  /** Current of the stretch that `next` went to, A. */
  amps: number;
  /** Go to the next stretch, no longer than `atMost`; returns how long it is, s. */
  next(atMost: number): number;
}

/** A part of a load’s turn: its current and how long it lasts. */
interface Part {
  amps: number;
  seconds: number;
}

/** One turn of a load: surge, running, off. A load that stays on has its surge once. */
function partsOf({ amps, onSeconds, offSeconds, surgeTimes, surgeSeconds }: RunningLoad): Part[] {
  const surge = surgeTimes !== null && surgeSeconds !== null ? surgeSeconds : 0;
  const parts = [
    { amps: amps * (surgeTimes ?? 1), seconds: surge },
    { amps, seconds: (onSeconds ?? Infinity) - surge },
    { amps: 0, seconds: offSeconds ?? 0 },
  ];
  return parts.filter(({ seconds }) => seconds > 0);
}

/** How long one turn of a load takes, s; 0 for one that stays on. */
export const turnSeconds = ({ onSeconds, offSeconds }: RunningLoad): number =>
  onSeconds === null || offSeconds === null ? 0 : onSeconds + offSeconds;

/** The turns of several loads, laid out flat: worked through many times. */
export interface DutyCycles {
  /** Where the parts of each load begin; one more at the end. */
  from: Int32Array;
  amps: Float64Array;
  seconds: Float64Array;
}

export function turnsOf(loads: readonly RunningLoad[]): DutyCycles {
  const parts = loads.map(partsOf);
  const from = new Int32Array(loads.length + 1);
  parts.forEach((own, i) => (from[i + 1] = from[i]! + own.length));
  const flat = parts.flat();
  return {
    from,
    amps: Float64Array.from(flat, ({ amps }) => amps),
    seconds: Float64Array.from(flat, ({ seconds }) => seconds),
  };
}

/** Several loads, each in its turns; instants are kept, not what is left, so that a step costs little. */
export class LoadClock implements Current {
  amps = 0;
  private now = 0;
  private readonly at: Int32Array;
  /** When each load goes to its next part. */
  private readonly changes: Float64Array;

  /** @param phases how far each load is in its turn at the start, s */
  constructor(
    private readonly turns: DutyCycles,
    phases: readonly number[],
  ) {
    const { from, seconds } = turns;
    this.at = from.slice(0, -1);
    this.changes = Float64Array.from(this.at, (first, i) => seconds[first]! - (phases[i] ?? 0));
    this.advance(0);
  }

  /** Every load whose part is over goes on to its next. */
  private advance(now: number): void {
    const { at, changes } = this;
    const { from, amps, seconds } = this.turns;
    let sum = 0;
    for (let i = 0; i < at.length; i++) {
      let part = at[i]!;
      let change = changes[i]!;
      while (change <= now + 1e-9) {
        part = part + 1 === from[i + 1]! ? from[i]! : part + 1;
        change += seconds[part]!;
      }
      at[i] = part;
      changes[i] = change;
      sum += amps[part]!;
    }
    this.amps = sum;
  }

  next(atMost: number): number {
    const { changes, now } = this;
    if (now > 0) this.advance(now);
    let until = now + atMost;
    for (let i = 0; i < changes.length; i++) if (changes[i]! < until) until = changes[i]!;
    this.now = until;
    return until - now;
  }
}

/**
 * About how often the current of a profile changes, without going through it.
 *
 * @param profile loads in their turns or a logged current, and the hours to look
 * @returns stretches of steady current
 */
export function aboutChanges({
  loads,
  logged,
  hours,
}: {
  loads: readonly RunningLoad[];
  logged: readonly LoggedStretch[];
  hours: number;
}): number {
  const horizon = hours * 3600;
  if (logged.length > 0) {
    const length = logged.reduce((sum, { seconds }) => sum + seconds, 0);
    return (logged.length * horizon) / length;
  }
  return loads.reduce((sum, load) => {
    const turn = turnSeconds(load);
    const parts = partsOf(load).length;
    return sum + (turn === 0 ? parts : (parts * horizon) / turn);
  }, 0);
}

/** Stretches of a profile that were worked out before, from its start. */
export class Stretches implements Current {
  amps = 0;
  private at = 0;

  constructor(private readonly known: { amps: Float64Array; seconds: Float64Array }) {}

  next(atMost: number): number {
    this.amps = this.known.amps[this.at]!;
    return Math.min(atMost, this.known.seconds[this.at++]!);
  }
}

/** A logged current, as it was; after its end it begins again. */
export class LoggedClock implements Current {
  amps = 0;
  private at = -1;

  constructor(private readonly stretches: readonly LoggedStretch[]) {}

  next(atMost: number): number {
    this.at = (this.at + 1) % this.stretches.length;
    const { amps, seconds } = this.stretches[this.at]!;
    this.amps = amps;
    return Math.min(atMost, seconds);
  }
}

/** More than this a profile never draws: all that may start together, A. */
export const mostAmps = (loads: readonly RunningLoad[], logged: readonly LoggedStretch[]): number =>
  logged.length > 0
    ? logged.reduce((most, { amps }) => Math.max(most, amps), 0)
    : loads.reduce((sum, { amps, surgeTimes }) => sum + amps * (surgeTimes ?? 1), 0);
