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

/** What a clock shows at an instant, in ms since 1970. */
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

/** The instant at which a clock shows a time, in ms since 1970; days beyond a month’s end run on into the next. */
export function instantOf(wall: Omit<WallTime, 'weekday'>, zone: string): number {
  const { year, month, day, hours, minutes, seconds, ms } = wall;
  return new TZDateMini(year, month, day, hours, minutes, seconds, ms, zone).getTime();
}
