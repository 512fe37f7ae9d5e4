import { taskKind, type WorkType } from '../../visit/work/index.ts';

/** What a shutdown takes by itself: off, lock, cover, prove; and all of it back, min. */
const SHUTDOWN_MINUTES = 15;
/** So many visits the usual times are worth. */
const USUAL_WEIGHT = 3;

/**
 * How long the power is expected to be off.
 *
 * @param works what is done
 * @param factor how much longer it took at this site than is usual
 * @returns min, to the next five
 * @example minutesOff(['replace'], 1) // 30
 */
export const minutesOff = (works: readonly WorkType[], factor: number): number =>
  Math.ceil((factor * works.reduce((sum, work) => sum + taskKind(work).minutes, SHUTDOWN_MINUTES)) / 5) * 5;

/**
 * How much longer visits take than is usual, by those that were made.
 *
 * @param visits of each, how long it was expected to take by the usual times and how long it took, min
 * @returns a factor; 1 where there are none
 * @example learntFactor([{ usual: 30, took: 60 }]) // 1.25
 */
export function learntFactor(visits: readonly { usual: number; took: number }[]): number {
  const ratios = visits.map(({ usual, took }) => Math.min(4, Math.max(0.25, took / usual)));
  return (USUAL_WEIGHT + ratios.reduce((sum, one) => sum + one, 0)) / (USUAL_WEIGHT + ratios.length);
}

/**
 * When the power is expected to be on again.
 *
 * @param from when it goes off, UTC
 * @param minutes for so long, min
 * @returns UTC
 * @example endOf('2026-11-30T09:00:00.000Z', 30) // '2026-11-30T09:30:00.000Z'
 */
export const endOf = (from: string, minutes: number): string =>
  new Date(Date.parse(from) + minutes * 60_000).toISOString();
