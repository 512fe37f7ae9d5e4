import { VOLTAGE_LIMITS } from '../../facts/limits/index.ts';
import { median } from '../../facts/quantities/index.ts';
import { holdOf, usualInterval, type Samples } from './samples.ts';

/** A stretch in which the voltage left what is usual around it. */
export interface VoltageEvent {
  kind: 'sag' | 'swell' | 'dead';
  atMs: number;
  seconds: number;
  /** The farthest it went, V. */
  volts: number;
  /** What is usual around it, V. */
  usualVolts: number;
}

/** From so much off the usual on lamps show it: a scale of this program’s own. */
const SHARE_OFF = VOLTAGE_LIMITS.loggedEvent;
/** What is usual: medians of so long, of three in a row the middle one. */
const USUAL_MS = 10 * 60_000;

/**
 * Sags and swells of a logged voltage: stretches 5% or more below or above what is usual around them, and stretches without voltage.
 *
 * Source: ANSI C84.1 for what counts as dead; 5% off the usual is this program’s own scale.
 *
 * @param samples V
 * @returns events in their order, each with its length (s) and farthest figure (V)
 * @example voltageEvents({ times, values }) // [{ kind: 'sag', atMs: …, seconds: 2, volts: 108.2, usualVolts: 119.6 }]
 */
export function voltageEvents(samples: Samples): VoltageEvent[] {
  const { times, values } = samples;
  const hold = holdOf(times, usualInterval(times));
  const usualAt = usualVoltage(samples);
  const events: VoltageEvent[] = [];
  let open: VoltageEvent | null = null;
  for (let i = 0; i < times.length; i += 1) {
    const volts = values[i]!;
    if (Number.isNaN(volts)) continue;
    const usualVolts = usualAt(times[i]!);
    const kind = kindOf(volts, usualVolts);
    if (open && open.kind !== kind) open = null;
    if (kind === null) continue;
    if (!open) {
      open = { kind, atMs: times[i]!, seconds: 0, volts, usualVolts };
      events.push(open);
    }
    open.seconds += hold(i) / 1000;
    if (kind === 'swell' ? volts > open.volts : volts < open.volts) open.volts = volts;
  }
  return events;
}

function kindOf(volts: number, usual: number): VoltageEvent['kind'] | null {
  // What is usual is dead for a circuit that is off: nothing sags there.
  if (usual < VOLTAGE_LIMITS.zero) return volts >= VOLTAGE_LIMITS.zero ? null : 'dead';
  if (volts < VOLTAGE_LIMITS.zero) return 'dead';
  if (volts < usual * (1 - SHARE_OFF)) return 'sag';
  return volts > usual * (1 + SHARE_OFF) ? 'swell' : null;
}

function usualVoltage({ times, values }: Samples): (at: number) => number {
  const start = times[0] ?? 0;
  const blocks: number[][] = [];
  for (let i = 0; i < times.length; i += 1) {
    if (Number.isNaN(values[i]!) || values[i]! < VOLTAGE_LIMITS.zero) continue;
    const block = Math.floor((times[i]! - start) / USUAL_MS);
    (blocks[block] ??= []).push(values[i]!);
  }
  const medians = Array.from(blocks, (block) => (block ? median(block) : null));
  const whole = median(medians.filter((one) => one !== null)) ?? 0;
  const usual = medians.map((_own, block) => {
    const around = [block - 1, block, block + 1]
      .map((one) => medians[one] ?? null)
      .filter((one) => one !== null);
    return median(around) ?? whole;
  });
  return (at) => usual[Math.floor((at - start) / USUAL_MS)] ?? whole;
}
