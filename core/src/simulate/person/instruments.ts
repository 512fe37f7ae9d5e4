import { normal } from '../../facts/random/index.ts';
import { heatOf, type Heat, type SimulatedMoment, energised, type Extra } from '../house/index.ts';
import type { SimulatedCase } from './simulatedCase.ts';

/** Errors of instruments: shares of the reading, and digits, one sigma. */
const METER = { share: 0.006, volts: 0.3 } as const;
const CLAMP = { share: 0.02, amps: 0.1 } as const;
const SPOT = { kelvin: 0.8 } as const;

/** Where a meter’s two leads go, or a clamp or a infrared thermometer is held. */
export type Point = 'outlet' | 'load-terminal' | 'load-terminal-2' | 'line A' | 'line B' | 'bus A' | 'bus B';

/**
 * Volts as a meter shows them, from a point to the neutral bar (an outlet: to its own neutral).
 *
 * @example readVolts(simulatedCase('none', 1), 'outlet', NOTHING_ON) // about 120
 */
export function readVolts(
  of: SimulatedCase,
  point: Point,
  moment: SimulatedMoment,
  extra: Extra = {},
): number {
  const random = of.randomFor(`volts ${point}`);
  const live = energised(of.house, moment, extra);
  const home = of.house.feeder ? 'sub' : 'bus';
  const node = {
    'load-terminal': 'terminal 0',
    'load-terminal-2': 'terminal 1',
    'line A': 'line A',
    'line B': 'line B',
    'bus A': `${home} A`,
    'bus B': `${home} B`,
    outlet: '',
  }[point];
  const volts = point === 'outlet' ? live.outletVolts(2) : Math.abs(live.volts(node) - live.volts('bar'));
  return Math.max(0, volts * (1 + METER.share * normal(random)) + METER.volts * normal(random));
}

/**
 * Amperes of the subject’s conductor as a clamp shows them.
 *
 * @example readAmps(simulatedCase('none', 1), NOTHING_ON) // about 0
 */
export function readAmps(of: SimulatedCase, moment: SimulatedMoment): number {
  const random = of.randomFor('clamp');
  const amps = energised(of.house, moment).subjectAmps;
  return Math.max(0, amps * (1 + CLAMP.share * normal(random)) + CLAMP.amps * normal(random));
}

/**
 * Temperatures as a infrared thermometer shows them after a good soak, °C.
 *
 * @example readHeat(simulatedCase('none', 1), NOTHING_ON).face // about that of the air
 */
export function readHeat(of: SimulatedCase, moment: SimulatedMoment): Heat {
  const random = of.randomFor('spot');
  const real = heatOf(of.house, moment);
  const read = Object.entries(real).map(([part, celsius]) => [part, celsius + SPOT.kelvin * normal(random)]);
  return Object.fromEntries(read) as unknown as Heat;
}
