import { normal, type Random } from '../../facts/random/index.ts';
import { meterPointsOf, type MeteredTest, type MeterPoint } from '../../diagnosis/evidence/index.ts';
import type { TestId } from '../../facts/vocabulary/index.ts';
import { trips, chance } from '../house/index.ts';
import { lossExtent } from './looking.ts';
import { readAmps, readVolts } from './instruments.ts';
import { asFound, asItWas, fewest, measurable, holdsForMeasuring, workable } from './moments.ts';
import type { SimulatedCase } from './simulatedCase.ts';

/** A figure that a meter shows, V or A, and the point it is taken at. */
export type MeterFigure = Pick<MeterPoint, 'quantity' | 'point'> & { value: number };

const quiet = (of: SimulatedCase) => ({ ...of.everything, on: fewest(of) });

/** What a meter shows for each test that is done with one, V or A, at its points in their order. */
const SHOWN: Record<MeteredTest, (of: SimulatedCase, random: Random) => number[]> = {
  'load-share': (of, random) => {
    const last = trips(of.days).at(-1);
    const on = last?.on ?? of.everything.on;
    const sum = of.house.subject.appliances
      .filter(({ name, open }) => on.has(name) && !open)
      .reduce((total, one) => total + one.amps, 0);
    return [sum * (1 + 0.04 * normal(random))];
  },
  'clamp-current': (of) => [readAmps(workable(of), measurable(of, asItWas(of)))],
  'outlet-voltage': (of) => [readVolts(workable(of), 'outlet', quiet(of))],
  'load-terminal-voltage': (of, random) => {
    const found = asFound(of);
    // On one that will not stay on most free its conductor first; others measure it open.
    const stays = holdsForMeasuring(found, of.randomFor('stays on'));
    const open = !stays && chance(random, 0.15);
    const points = (['load-terminal', 'load-terminal-2'] as const).slice(0, of.house.subject.breaker.poles);
    return points.map((point) =>
      open ? 0 : readVolts(found, point, quiet(of), stays ? {} : { liftedWire: true }),
    );
  },
  'line-side-voltage': (of) => {
    const calm = workable(of);
    // In a sub-panel its own lugs are meant; with half or all of the house dead, the main’s.
    const wide = ['whole-house', 'half-the-house'].includes(lossExtent(of));
    const at = of.house.feeder && !wide ? 'bus' : 'line';
    return (['A', 'B'] as const).map((leg) => readVolts(calm, `${at} ${leg}`, quiet(of)));
  },
};

/** The figures of a test that is done with a meter; a 240 V outlet by half. */
export const metered = (of: SimulatedCase, test: MeteredTest): number[] =>
  SHOWN[test](of, of.randomFor(test));

/**
 * What meters show for a test; empty where it is done without one.
 *
 * @returns V or A, as the meter shows them: a 240 V outlet whole, not by half
 * @example meterFigures(simulatedCase('none', 1), 'outlet-voltage') // [{ quantity: 'voltage', point: 'outlet', value: 120.4… }]
 */
export function meterFigures(of: SimulatedCase, test: TestId): MeterFigure[] {
  const { poles } = of.house.subject.breaker;
  const points = meterPointsOf(test, poles);
  if (points.length === 0) return [];
  const shown = metered(of, test as MeteredTest);
  return points.map(({ quantity, point }, i) => ({
    quantity,
    point,
    value: shown[i]! * (point === 'outlet' && poles === 2 ? 2 : 1),
  }));
}
