import {
  quantityIn,
  quantityText,
  sayNumber,
  sayPercent,
  sayQuantity,
  sentenceText,
  unbroken,
  type Sentence,
} from '@phylaxon/core/facts/quantities';
import { timeFormats } from '@phylaxon/core/facts/calendar';
import type { Settings } from '@phylaxon/core/record/settings';
import { useMemo } from 'react';
import { useSettings } from '../../queries/index.ts';

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
  const { day, clock, time } = timeFormats(settings);
  const fromCelsius = (celsius: number) => quantityIn(celsius, '°C', settings).value;
  const temperatureText = (celsius: number) => quantityText(celsius, '°C', settings);
  /** A temperature difference with its sign: +23.6 °C. */
  const riseText = (celsius: number) => `${celsius > 0 ? '+' : ''}${quantityText(celsius, 'Δ°C', settings)}`;
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
    timeText: time,
    /** The time of day. */
    clockText: clock,
    /** A day, from an instant or from a date without time. */
    dateText: day,
  };
}
export type Units = ReturnType<typeof unitsOf>;

/** The units the person has chosen; the view is drawn again when others are chosen. */
export function useUnits(): Units {
  const settings = useSettings();
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
