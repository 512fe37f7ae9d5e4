import {
  quantityIn,
  sayNumber,
  sayPercent,
  sayQuantity,
  sentenceText,
  unbroken,
  type Sentence,
} from '@phylaxon/core/facts/quantities';
import type { Settings } from '@phylaxon/core/record/settings';
import { useMemo } from 'react';
import { useSettings } from '../../stores/index.ts';

/** The browser writes a date in the order that one of these places has it: 3 Nov 2026, Nov 3, 2026, 2026-11-03. */
const DATES: Record<Settings['dates'], Intl.DateTimeFormat> = {
  'day-month-year': new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' }),
  'month-day-year': new Intl.DateTimeFormat('en-US', { day: 'numeric', month: 'short', year: 'numeric' }),
  'year-month-day': new Intl.DateTimeFormat('en-CA', { day: '2-digit', month: '2-digit', year: 'numeric' }),
};
const CLOCKS: Record<Settings['clock'], Intl.DateTimeFormat> = {
  '24': new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' }),
  '12': new Intl.DateTimeFormat('en-US', { hour: 'numeric', minute: '2-digit' }),
};
/** A date without time is that day here, not in Greenwich. */
const dateOf = (instant: string) => new Date(instant.length === 10 ? `${instant}T00:00` : instant);
const dateIn = (order: Settings['dates'], instant: string) =>
  DATES[order].format(dateOf(instant)).replace('Sept', 'Sep');
const clockIn = (clock: Settings['clock'], instant: string) =>
  CLOCKS[clock].format(dateOf(instant)).replace('\u202f', '\u00a0');
const METRES_PER_FOOT = 0.3048;

/**
 * Figures are stored and computed in °C, m and UTC; here they become what the person has chosen to read.
 *
 * @param settings what is chosen
 */
export function unitsOf(settings: Settings) {
  const inFahrenheit = settings.temperature === 'F';
  const inFeet = settings.length === 'ft';
  const temperatureUnit = inFahrenheit ? '°F' : '°C';
  const lengthUnit: string = settings.length;
  const fromCelsius = (celsius: number) => quantityIn(celsius, '°C', settings).value;
  const temperatureText = (celsius: number) => sayQuantity(fromCelsius(celsius), temperatureUnit);
  /** A temperature difference with its sign: +23.6 °C. */
  const riseText = (celsius: number) =>
    `${celsius > 0 ? '+' : ''}${sayQuantity(quantityIn(celsius, 'Δ°C', settings).value, temperatureUnit)}`;
  return {
    temperatureUnit,
    lengthUnit,
    fromCelsius,
    /** What was typed, as °C; not rounded, so that a figure in °F comes back as it was typed. */
    toCelsius: (typed: number) => (inFahrenheit ? (typed - 32) / 1.8 : typed),
    /** A difference of temperatures. */
    riseFromCelsius: (celsius: number) => quantityIn(celsius, 'Δ°C', settings).value,
    riseToCelsius: (typed: number) => (inFahrenheit ? typed / 1.8 : typed),
    fromMetres: (metres: number) => quantityIn(metres, 'm', settings).value,
    toMetres: (typed: number) => (inFeet ? typed * METRES_PER_FOOT : typed),
    temperatureText,
    riseText,
    /** A figure of the record in the unit the person reads. */
    quantityText: (value: number, unit: string): string => {
      if (unit === '%') return `${sayNumber(value, 0)}%`;
      if (unit === '°C') return temperatureText(value);
      return unit === 'Δ°C' ? riseText(value) : sayQuantity(value, unit);
    },
    /** How far off a figure may be: ± 0.8 A. */
    errorText: (error: number, unit: string): string =>
      unit === '°C'
        ? `± ${sayQuantity(quantityIn(error, 'Δ°C', settings).value, temperatureUnit)}`
        : `± ${sayQuantity(error, unit)}`,
    /** A sentence of the core as text, no figure parted from its unit. */
    say: (sentence: Sentence): string => unbroken(sentenceText(sentence, settings)),
    /** An instant in local time. */
    timeText: (instant: string) => `${dateIn(settings.dates, instant)}, ${clockIn(settings.clock, instant)}`,
    /** The time of day. */
    clockText: (instant: string) => clockIn(settings.clock, instant),
    /** A day, from an instant or from a date without time. */
    dateText: (instant: string) => dateIn(settings.dates, instant),
  };
}
export type Units = ReturnType<typeof unitsOf>;

/** The units the person has chosen; the view is drawn again when others are chosen. */
export function useUnits(): Units {
  const settings = useSettings((state) => state.settings);
  return useMemo(() => unitsOf(settings), [settings]);
}

export const ampsText = (amps: number) => sayQuantity(amps, 'A');
export const voltsText = (volts: number) => sayQuantity(volts, 'V');
export const percentText = sayPercent;

/** Now, as a local date-and-time field wants it. */
export function nowLocal(): string {
  const now = new Date();
  return new Date(now.getTime() - now.getTimezoneOffset() * 60_000).toISOString().slice(0, 19);
}

/** What a local date-and-time field holds, as an instant; an impossible date stays as it was typed. */
export function toInstant(local: string): string {
  const date = new Date(local);
  return Number.isNaN(date.getTime()) ? local : date.toISOString();
}
