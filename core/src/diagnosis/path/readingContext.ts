import type { OutcomeOf, TestId } from '../../facts/vocabulary/index.ts';
import type { ConnectionState, PathState } from './pathState.ts';

export const SUPPLY_LEGS = ['own', 'other'] as const;

export type SupplyLeg = (typeof SUPPLY_LEGS)[number];

/** Connections of one leg from the utility to a point. */
export const legTo = (
  path: PathState,
  leg: SupplyLeg,
  point: 'service' | 'main' | 'bus' | 'feeder' | 'lugs' | 'panel',
): ConnectionState => {
  const { service, main, bus, feeder, street } = path;
  const supply = street ? service[leg] : 'open';
  if (point === 'service') return supply;
  const afterMain = worst(supply, main.isClosed ? main[leg] : 'open');
  if (point === 'main') return afterMain;
  const onBus = worst(afterMain, bus[leg]);
  if (point === 'bus' || feeder === null) return onBus;
  const afterFeeder = worst(onBus, feeder.isClosed ? feeder[leg] : 'open');
  if (point === 'feeder') return afterFeeder;
  const atLugs = worst(afterFeeder, feeder.conductors[leg]);
  return point === 'lugs' ? atLugs : worst(atLugs, feeder.bus[leg]);
};

/** What is known of the breaker and of what was done with it when the path is read. */
export interface ReadingContext {
  poles: 1 | 2 | null;
  /** Whether a reset was done, and held, before the voltages were read; null: nobody tried. */
  resetHeld: boolean | null;
  /** Whether the handle was pushed fully off and on; null: nobody said. */
  resetComplete: boolean | null;
}

/** Probabilities of the outcomes of one test; outcomes left out have none. */
export type ReadingOdds<T extends TestId> = Partial<Record<OutcomeOf<T>, number>>;

/** Whether a leg is dead for good, with the other one alive to come back through an appliance. */
export const comesBack = (path: PathState, leg: SupplyLeg, point: Parameters<typeof legTo>[2]): boolean =>
  legTo(path, leg, point) === 'open' &&
  legTo(path, leg === 'own' ? 'other' : 'own', point) !== 'open' &&
  // An appliance between the legs hangs on the same side of the break.
  path.street;

export const worst = (...connections: readonly ConnectionState[]): ConnectionState =>
  connections.includes('open') ? 'open' : connections.includes('high') ? 'high' : 'ok';
