import { legsOf, sayPlace } from '../../panel/layout/index.ts';
import { loadAmps, type Breaker, type Circuit } from '../../record/entities/index.ts';
import { sayConductor } from '../../code/sizing/index.ts';

/**
 * A breaker as a line of its panel's directory. Amperes, metres and volts as the column's name says.
 *
 * @param breaker where it sits, and what it is
 * @param circuit what it feeds; `null`: not known
 * @returns a value for each column
 * @example directoryToCsv(breaker, null).circuit // ''
 */
export function directoryToCsv(breaker: Breaker, circuit: Circuit | null) {
  const conductor = circuit?.conductor;
  return {
    place: sayPlace(breaker),
    circuit: circuit?.label ?? '',
    'rating (A)': breaker.ratingAmps,
    poles: breaker.poles,
    legs: breaker.space === null ? 'A B' : legsOf({ ...breaker, space: breaker.space }).join(' '),
    kind: breaker.kind,
    family: breaker.family,
    installed: breaker.installedOn ?? '',
    conductor: conductor ? sayConductor(conductor) : '',
    'length (m)': circuit?.lengthM ?? '',
    'connected (A)': circuit
      ? Math.round(circuit.loads.reduce((sum, load) => sum + loadAmps(load), 0) * 10) / 10
      : '',
    loads: circuit?.loads.map((load) => load.name).join('; ') ?? '',
  };
}
