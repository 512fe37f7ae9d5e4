import type { Settings } from './settings.ts';

/** How figures, dates and times are written at a place. */
export type Conventions = Pick<Settings, 'temperature' | 'length' | 'dates' | 'clock' | 'paper'>;

/** Where people read degrees Fahrenheit, and where they measure in feet. */
const FAHRENHEIT = ['US', 'LR', 'PW', 'FM', 'MH', 'KY', 'BS', 'BZ'];
const FEET = ['US', 'LR', 'PW', 'FM', 'MH'];
/** Where people print on Letter paper. */
const LETTER = ['US', 'CA', 'MX', 'PH', 'CO', 'CL', 'VE', 'CR', 'GT', 'PA', 'DO', 'SV', 'NI'];

/** Whether a language tag may be asked about; the browser’s own always may. */
function localeOf(language: string): Intl.Locale | null {
  try {
    return new Intl.Locale(language).maximize();
  } catch {
    return null;
  }
}

function datesAt(language: string): Settings['dates'] {
  const parts = new Intl.DateTimeFormat(language, { day: 'numeric', month: 'numeric', year: 'numeric' })
    .formatToParts(new Date(0))
    .map(({ type }) => type);
  const [first] = parts.filter((type) => type === 'day' || type === 'month' || type === 'year');
  return first === 'month' ? 'month-day-year' : first === 'year' ? 'year-month-day' : 'day-month-year';
}

/**
 * The conventions of the place a language is spoken at: what is shown until somebody chooses otherwise.
 *
 * @param language a language tag, as the browser sends it: `en-US`
 * @returns units of temperature and length, the order of dates, the clock and the paper; `null`: no such language
 * @example conventionsOf('en-US') // { temperature: 'F', length: 'ft', dates: 'month-day-year', clock: '12', paper: 'letter' }
 * @example conventionsOf('de-DE') // { temperature: 'C', length: 'm', dates: 'day-month-year', clock: '24', paper: 'a4' }
 */
export function conventionsOf(language: string): Conventions | null {
  const locale = localeOf(language);
  if (locale === null || locale.region === undefined) return null;
  const { hour12 } = new Intl.DateTimeFormat(language, { hour: 'numeric' }).resolvedOptions();
  return {
    temperature: FAHRENHEIT.includes(locale.region) ? 'F' : 'C',
    length: FEET.includes(locale.region) ? 'ft' : 'm',
    dates: datesAt(language),
    clock: hour12 ? '12' : '24',
    paper: LETTER.includes(locale.region) ? 'letter' : 'a4',
  };
}
