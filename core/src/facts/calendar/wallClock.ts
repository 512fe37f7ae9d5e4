import { TZDateMini } from '@date-fns/tz';

/** A day and a time as a clock on a wall shows them. */
export interface WallTime {
  year: number;
  /** 0: January. */
  month: number;
  day: number;
  hours: number;
  minutes: number;
  seconds: number;
  ms: number;
  /** 0: Sunday. */
  weekday: number;
}

/**
 * What a clock shows at an instant.
 *
 * @param at ms since 1970
 * @param zone a time zone, such as America/Chicago
 * @returns day and time, the month from 0, Sunday as 0
 * @example wallTime(0, 'UTC').year // 1970
 */
export function wallTime(at: number, zone: string): WallTime {
  const date = new TZDateMini(at, zone);
  return {
    year: date.getFullYear(),
    month: date.getMonth(),
    day: date.getDate(),
    hours: date.getHours(),
    minutes: date.getMinutes(),
    seconds: date.getSeconds(),
    ms: date.getMilliseconds(),
    weekday: date.getDay(),
  };
}

/**
 * The instant at which a clock shows a time; days beyond a month’s end run on into the next.
 *
 * @param wall day and time, the month from 0
 * @param zone a time zone, such as America/Chicago
 * @returns ms since 1970
 * @example instantOf({ year: 1970, month: 0, day: 1, hours: 0, minutes: 0, seconds: 0, ms: 0 }, 'UTC') // 0
 */
export function instantOf(wall: Omit<WallTime, 'weekday'>, zone: string): number {
  const { year, month, day, hours, minutes, seconds, ms } = wall;
  return new TZDateMini(year, month, day, hours, minutes, seconds, ms, zone).getTime();
}
