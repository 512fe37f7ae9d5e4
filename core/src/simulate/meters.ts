import { normal, type Random } from '../random/index.ts';
import type { TestId } from '../vocabulary/index.ts';
import { trips } from './history.ts';
import { lossExtent } from './looking.ts';
import { readAmps, readVolts, type Point } from './instruments.ts';
import { asFound, asItWas, fewest, measurable, staysOn, workable } from './moments.ts';
import { chance } from './soundHouse.ts';
import type { SimulatedCase } from './simulatedCase.ts';

/** A figure that a meter shows, V or A, and the point it is taken at. */
export interface MeterFigure {
  quantity: 'voltage' | 'current';
  point: 'outlet' | 'load-terminal' | 'load-terminal-2' | 'leg-a' | 'leg-b' | 'conductor' | 'plug';
  value: number;
}

const volts = (point: MeterFigure['point'], value: number): MeterFigure => ({
  quantity: 'voltage',
  point,
  value,
});
const amps = (point: MeterFigure['point'], value: number): MeterFigure => ({
  quantity: 'current',
  point,
  value,
});
const quiet = (of: SimulatedCase) => ({ ...of.everything, on: fewest(of) });

/** Tests that are done with a meter: the figures it shows for each, where and when a person would take them. */
export const METERED = {
  'load-share': (of, random) => {
    const last = trips(of.days).at(-1);
    const on = last?.on ?? of.everything.on;
    const sum = of.house.subject.appliances
      .filter(({ name, open }) => on.has(name) && !open)
      .reduce((total, one) => total + one.amps, 0);
    return [amps('plug', sum * (1 + 0.04 * normal(random)))];
  },
  'clamp-current': (of) => [amps('conductor', readAmps(workable(of), measurable(of, asItWas(of))))],
  'outlet-voltage': (of) => [volts('outlet', readVolts(workable(of), 'outlet', quiet(of)))],
  'load-terminal-voltage': (of, random) => {
    const found = asFound(of);
    const points = (['load-terminal', 'load-terminal-2'] as const).slice(0, of.house.subject.unit.poles);
    // On one that will not stay on most free its conductor first; others measure it open.
    const open = !staysOn(found, of.randomFor('stays on')) && chance(random, 0.4);
    return points.map((point) => volts(point, open ? 0 : readVolts(found, point, quiet(of))));
  },
  'line-side-voltage': (of) => {
    const calm = workable(of);
    // In a sub-panel its own lugs are meant; with half or all of the house dead, the main’s.
    const wide = ['whole-house', 'half-the-house'].includes(lossExtent(of));
    const at = of.house.feeder && !wide ? 'bus' : 'line';
    const leg = (name: 'A' | 'B') => readVolts(calm, `${at} ${name}` satisfies Point, quiet(of));
    return [volts('leg-a', leg('A')), volts('leg-b', leg('B'))];
  },
} as const satisfies Partial<Record<TestId, (of: SimulatedCase, random: Random) => MeterFigure[]>>;

export type MeteredTest = keyof typeof METERED;

/** The figures of a test that is done with a meter, in its order of points. */
export const metered = (of: SimulatedCase, test: MeteredTest): number[] =>
  METERED[test](of, of.randomFor(test)).map(({ value }) => value);

/**
 * What meters show for a test; empty where it is done without one.
 *
 * @returns V or A, as the meter shows them: a 240 V outlet whole, not by half
 * @example meterFigures(simulatedCase('none', 1), 'outlet-voltage') // [{ quantity: 'voltage', point: 'outlet', value: 120.4… }]
 */
export function meterFigures(of: SimulatedCase, test: TestId): MeterFigure[] {
  if (!Object.hasOwn(METERED, test)) return [];
  const figures = METERED[test as MeteredTest](of, of.randomFor(test));
  const across = of.house.subject.unit.poles === 2 ? 2 : 1;
  return figures.map((one) => (one.point === 'outlet' ? { ...one, value: one.value * across } : one));
}
