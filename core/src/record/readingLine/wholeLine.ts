import type { LineEntry, LineReading } from './schema.ts';

interface Span {
  from: number;
  to: number;
}

/** What is said once and holds for more than it stands beside. */
export interface Circumstance extends Span {
  /** How much was on. */
  load?: NonNullable<LineReading['loadState']>;
  /** The air, °C. */
  airC?: number;
}

/** Of several the one that is meant: where they lead, the last before an entry; where they trail, the next behind it. */
function meant<T extends Span>(list: readonly T[], first: Span, entry: Span): T | undefined {
  const leads = list[0] !== undefined && list[0].from < first.from;
  return leads
    ? (list.findLast(({ from }) => from < entry.from) ?? list[0])
    : (list.find(({ from }) => from > entry.from) ?? list.at(-1));
}

/**
 * Give the entries of a line what holds for all of it: the load for its readings, the air for its temperatures. The air is a
 * part of the temperature that it stands beside.
 *
 * @param entries of the line; they are changed
 * @param loads how much was on, in their order
 * @param airs the air, in their order
 * @param text what was typed
 * @returns the air that goes with no temperature
 */
export function holdForLine(
  entries: readonly LineEntry[],
  loads: readonly Circumstance[],
  airs: readonly Circumstance[],
  text: string,
): readonly Circumstance[] {
  const readings = entries.filter((entry) => entry.kind === 'reading').sort((a, b) => a.from - b.from);
  for (const entry of readings) {
    const load = meant(loads, readings[0]!, entry)?.load;
    if (load !== undefined) entry.loadState = load;
  }
  const warm = readings.filter((entry) => entry.quantity === 'temperature');
  if (warm.length === 0) return airs;
  const first = { ...warm[0]! };
  for (const entry of warm) {
    const air = meant(airs, first, entry)?.airC;
    if (air !== undefined) entry.ambientC = air;
  }
  const isApart = (from: number, to: number) => /^[\s,;]*$/.test(text.slice(from, to));
  for (const air of airs) {
    const before = warm.find((entry) => entry.to <= air.from && isApart(entry.to, air.from));
    const after = warm.find((entry) => entry.from >= air.to && isApart(air.to, entry.from));
    if (before) before.to = air.to;
    else if (after) after.from = air.from;
  }
  return [];
}
