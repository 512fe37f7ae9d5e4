import { loadAmps, type Load } from '../../record/entities/index.ts';
import type { IsolationInput } from './schema.ts';

/**
 * How likely things are to be the faulty one, as weights against each other. What heats or runs a motor, with water,
 * steam, windings and flexed cords, fails to ground or across far oftener than what only lights or computes.
 */
const WEIGHTS = { heatsOrTurns: 3, middling: 1.5, small: 1 } as const;
/** From here on, A, a plain load is taken to heat or to drive something. */
const HEAVY_AMPS = 5;
const MIDDLING_AMPS = 1.5;

function weightOf(load: Load | undefined): number {
  // Of something not drawn nothing is known.
  if (!load) return WEIGHTS.middling;
  if (load.surgeTimes !== null || loadAmps(load) >= HEAVY_AMPS) return WEIGHTS.heatsOrTurns;
  return loadAmps(load) >= MIDDLING_AMPS ? WEIGHTS.middling : WEIGHTS.small;
}

/**
 * The candidates of an isolation with their weights, from the circuit’s loads.
 *
 * @param names what is connected; a name of no drawn load is taken as middling
 * @param loads the circuit’s loads, 120 or 240 V, W and VA
 * @returns ids with weights
 * @example isolationCandidates(['Kettle'], [{ ...kettle, watts: 1440, volts: 120 }]) // [{ id: 'Kettle', prior: 3 }]
 */
export const isolationCandidates = (
  names: readonly string[],
  loads: readonly Load[],
): IsolationInput['candidates'] =>
  names.map((name) => ({ id: name, prior: weightOf(loads.find((load) => load.name === name)) }));
