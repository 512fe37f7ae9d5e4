import { TIME_LIMITS } from '../../facts/limits/index.ts';
import * as messages from './messages.ts';
/** Loads that come with a season are known by their names. */
const WINTER = /heat|furnace|boiler|radiator|baseboard/i;
const SUMMER = /air cond|a\/c|\bac\b|cool|chill|dehumidif|fan\b/i;
/** A season counts where its loads are so much of all. */
const LEAST_SHARE = 0.2;
/** A season is ahead for so many months before it begins. */
const AHEAD_MONTHS = TIME_LIMITS.seasonAheadMonths;
/** Months in which the loads run, 0 for January: the northern half of the world, where the codes cited are in force. */
const SEASONS = {
  winter: { first: 10, words: messages.heating },
  summer: { first: 5, words: messages.cooling },
} as const;

export interface Season {
  name: 'winter' | 'summer';
  /** Whether it begins within the next months. */
  isAhead: boolean;
  text: string;
}

/**
 * Apparent power of loads that come with a season, by their names.
 *
 * @param loads by name, VA each
 * @returns VA in winter, in summer, and of all
 * @example seasonalVa([{ name: 'Loft heater', va: 1300 }]) // { winterVa: 1300, summerVa: 0, allVa: 1300 }
 */
export function seasonalVa(loads: readonly { name: string; va: number }[]) {
  const sum = (list: readonly { va: number }[]) => list.reduce((total, { va }) => total + va, 0);
  const isSummer = ({ name }: { name: string }) => SUMMER.test(name);
  return {
    winterVa: sum(loads.filter((load) => WINTER.test(load.name) && !isSummer(load))),
    summerVa: sum(loads.filter(isSummer)),
    allVa: sum(loads),
  };
}

/**
 * The season in which a panel carries most, by its loads.
 *
 * @param seasonal connected loads, VA
 * @param now an instant
 * @returns the season, and whether it is ahead; null: none stands out
 * @example seasonOf({ winterVa: 5000, summerVa: 0, allVa: 9000 }, '2026-08-01T00:00:00Z')?.isAhead // true
 */
export function seasonOf(
  { winterVa, summerVa, allVa }: { winterVa: number; summerVa: number; allVa: number },
  now: string,
): Season | null {
  const name = winterVa >= summerVa ? 'winter' : 'summer';
  const va = Math.max(winterVa, summerVa);
  if (va < LEAST_SHARE * allVa || va === 0) return null;
  const { first, words } = SEASONS[name];
  const months = (first - new Date(now).getUTCMonth() + 12) % 12;
  const percent = Math.round((100 * va) / allVa);
  return {
    name,
    isAhead: months > 0 && months <= AHEAD_MONTHS,
    text: messages.makesUpOfItsConnectedLoad(words, percent, name),
  };
}
