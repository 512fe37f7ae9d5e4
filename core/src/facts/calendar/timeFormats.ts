export const DATE_STYLES = ['day-month-year', 'month-day-year', 'year-month-day'] as const;
export const CLOCKS = ['24', '12'] as const;

/** How dates and times are written. */
export interface DateTimeStyle {
  dates: (typeof DATE_STYLES)[number];
  clock: (typeof CLOCKS)[number];
}

/** An instant (UTC, ISO 8601) as it is read. */
export interface TimeFormats {
  /** Its day; a date without a time stays that day in every zone. */
  day: (at: string) => string;
  /** Its time of day. */
  clock: (at: string) => string;
  /** Its day and time. */
  time: (at: string) => string;
}

/** A date is written in the order that one of these places has it: 3 Nov 2026, Nov 3, 2026, 2026-11-03. */
const DATE_OPTIONS: Record<DateTimeStyle['dates'], [locale: string, options: Intl.DateTimeFormatOptions]> = {
  'day-month-year': ['en-GB', { day: 'numeric', month: 'short', year: 'numeric' }],
  'month-day-year': ['en-US', { day: 'numeric', month: 'short', year: 'numeric' }],
  'year-month-day': ['en-CA', { day: '2-digit', month: '2-digit', year: 'numeric' }],
};
const CLOCK_OPTIONS: Record<DateTimeStyle['clock'], [locale: string, options: Intl.DateTimeFormatOptions]> = {
  '24': ['en-GB', { hour: '2-digit', minute: '2-digit' }],
  '12': ['en-US', { hour: 'numeric', minute: '2-digit' }],
};
const DAY = /^\d{4}-\d{2}-\d{2}$/;

/**
 * Instants as they are read at a place.
 *
 * @param style the order of a date, and the clock
 * @param zone a time zone, such as America/Chicago; that of this machine, if left out
 * @returns what writes days, clocks and both
 * @example
 * timeFormats({ dates: 'month-day-year', clock: '12' }, 'UTC').time('2026-11-03T20:05:00.000Z') // 'Nov 3, 2026, 8:05\u00a0PM'
 */
export function timeFormats(style: DateTimeStyle, zone?: string): TimeFormats {
  const formatIn = ([locale, options]: [string, Intl.DateTimeFormatOptions], timeZone: string | undefined) =>
    new Intl.DateTimeFormat(locale, { ...options, timeZone });
  const days = formatIn(DATE_OPTIONS[style.dates], zone);
  const wholeDays = formatIn(DATE_OPTIONS[style.dates], 'UTC');
  const clocks = formatIn(CLOCK_OPTIONS[style.clock], zone);
  const day = (at: string) => (DAY.test(at) ? wholeDays : days).format(new Date(at)).replace('Sept', 'Sep');
  const clock = (at: string) => clocks.format(new Date(at)).replace(/\s/, '\u00a0');
  return { day, clock, time: (at) => `${day(at)}, ${clock(at)}` };
}
