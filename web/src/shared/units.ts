import { sayNumber, sayPercent, sayQuantity } from '@phylaxon/core/quantities';
import { format, parseISO } from 'date-fns';

export const ampsText = (amps: number) => sayQuantity(amps, 'A');
export const voltsText = (volts: number) => sayQuantity(volts, 'V');
export const celsiusText = (celsius: number) => sayQuantity(celsius, '°C');
export const percentText = sayPercent;
export const quantityText = (value: number, unit: string) =>
  unit === '%' ? `${sayNumber(value, 0)} %` : sayQuantity(value, unit);

/** A temperature difference with its sign: +23.6 °C. */
export const riseText = (celsius: number) => `${celsius > 0 ? '+' : ''}${sayQuantity(celsius, '°C')}`;

/** An instant in local time. */
export const timeText = (instant: string) => format(parseISO(instant), 'd MMM yyyy, HH:mm');

/** Now, as a local date-and-time field wants it. */
export const nowLocal = () => format(new Date(), "yyyy-MM-dd'T'HH:mm:ss");

/** What a local date-and-time field holds, as an instant; an impossible date stays as it was typed. */
export function toInstant(local: string): string {
  const date = new Date(local);
  return Number.isNaN(date.getTime()) ? local : date.toISOString();
}
