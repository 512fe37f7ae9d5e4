import { availableParallelism, loadavg } from 'node:os';

/** On a machine that is busy with other things a thread that stands back gets only a part of a core. */
const MOST_TIMES = 4;

/**
 * How long to wait for work that takes a thread of its own so long on an idle machine: longer on one that is busy, which is
 * not the fault of whoever asked.
 *
 * @param ms on an idle machine
 * @param load how many want to run for each core; told for tests
 */
export function patientMs(ms: number, load = loadavg()[0]! / availableParallelism()): number {
  return Math.round(ms * Math.min(MOST_TIMES, Math.max(1, load)));
}
