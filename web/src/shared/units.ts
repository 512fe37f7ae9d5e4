import { RISE_SPACE, sayNumber, sayPercent, sayQuantity, unbroken } from '@phylaxon/core/facts/quantities';
import type { Settings } from '@phylaxon/core/record/settings';
import { format, parseISO } from 'date-fns';
import { useSettings } from '../stores/index.ts';

/*
 * Figures are stored and computed in °C, m and UTC; here they become what the person has chosen to read. Views
 * ask for the settings themselves (`useSettings`), and are drawn again when others are chosen.
 */
const chosen = (): Settings => useSettings.getState().settings;
const inFahrenheit = () => chosen().temperature === 'F';
const METRES_PER_FOOT = 0.3048;

export const temperatureUnit = () => (inFahrenheit() ? '°F' : '°C');
export const lengthUnit = (): string => chosen().length;

export const fromCelsius = (celsius: number) => (inFahrenheit() ? celsius * 1.8 + 32 : celsius);
const fromRise = (celsius: number) => (inFahrenheit() ? celsius * 1.8 : celsius);
/** What was typed, as °C; not rounded, so that a figure in °F comes back as it was typed. */
export const toCelsius = (typed: number) => (inFahrenheit() ? (typed - 32) / 1.8 : typed);
export const fromMetres = (metres: number) => (chosen().length === 'ft' ? metres / METRES_PER_FOOT : metres);
export const toMetres = (typed: number) => (chosen().length === 'ft' ? typed * METRES_PER_FOOT : typed);

export const ampsText = (amps: number) => sayQuantity(amps, 'A');
export const voltsText = (volts: number) => sayQuantity(volts, 'V');
export const temperatureText = (celsius: number) => sayQuantity(fromCelsius(celsius), temperatureUnit());
export const percentText = sayPercent;

/** A figure of the record in the unit the person reads. */
export function quantityText(value: number, unit: string): string {
  if (unit === '%') return `${sayNumber(value, 0)} %`;
  if (unit === '°C') return temperatureText(value);
  return unit === 'Δ°C' ? riseText(value) : sayQuantity(value, unit);
}

/** A temperature difference with its sign: +23.6 °C. */
export const riseText = (celsius: number) =>
  `${celsius > 0 ? '+' : ''}${sayQuantity(fromRise(celsius), temperatureUnit())}`;

const TEMPERATURE = new RegExp(`([−-]?\\d+(?:\\.\\d+)?)([ ${RISE_SPACE}])°C`, 'g');

/** A sentence of the core with its temperatures in the unit the person reads, and no figure parted from its unit. */
export function inUnits(text: string): string {
  if (!inFahrenheit()) return unbroken(text);
  return unbroken(
    text.replace(TEMPERATURE, (_whole, figure: string, space: string) => {
      const celsius = Number(figure.replace('−', '-'));
      return `${sayNumber(space === RISE_SPACE ? fromRise(celsius) : fromCelsius(celsius), 0)} °F`;
    }),
  );
}

const DATES: Record<Settings['dates'], string> = {
  'day-month-year': 'd MMM yyyy',
  'month-day-year': 'MMM d, yyyy',
  'year-month-day': 'yyyy-MM-dd',
};
const CLOCKS: Record<Settings['clock'], string> = { '24': 'HH:mm', '12': 'h:mm a' };

/** An instant in local time. */
export const timeText = (instant: string) =>
  format(parseISO(instant), `${DATES[chosen().dates]}, ${CLOCKS[chosen().clock]}`);

/** A day, from an instant or from a date without time. */
export const dateText = (instant: string) => format(parseISO(instant), DATES[chosen().dates]);

/** Now, as a local date-and-time field wants it. */
export const nowLocal = () => format(new Date(), "yyyy-MM-dd'T'HH:mm:ss");

/** What a local date-and-time field holds, as an instant; an impossible date stays as it was typed. */
export function toInstant(local: string): string {
  const date = new Date(local);
  return Number.isNaN(date.getTime()) ? local : date.toISOString();
}
