import * as messages from './messages.ts';

/**
 * A figure as people read it: at most `digits` decimals, no trailing zeros, a true minus sign.
 *
 * @param value the figure
 * @param digits decimals at most
 * @returns text
 * @example sayNumber(118.04) // '118'
 * @example sayNumber(-2.34) // '−2.3'
 */
export function sayNumber(value: number, digits = 1): string {
  const rounded = Number(value.toFixed(digits));
  return String(rounded === 0 ? 0 : rounded).replace('-', '−');
}

/**
 * A figure with its unit: `sayQuantity(14.25, 'A')` is '14.3 A'.
 *
 * @param value the figure
 * @param unit as it is written after the figure; a percent sign has no space before it
 * @param digits decimals at most
 * @returns text
 * @example sayQuantity(14.25, 'A') // '14.3 A'
 */
export function sayQuantity(value: number, unit: string, digits = 1): string {
  return unit === '%' ? `${sayNumber(value, digits)}%` : `${sayNumber(value, digits)} ${unit}`;
}

const FIGURE_AND_UNIT = /(\d)[ \u202f](?=(?:A|V|W|kW|mA|%|°[CF]|AWG|m|ft|ms|s|min|h)(?![\p{L}\d]))/gu;

/**
 * A sentence whose figures stay on one line with their units.
 *
 * @param text a sentence
 * @returns the same with no-break spaces
 * @example unbroken('It is at 20 A.') // 'It is at 20\u00a0A.'
 */
export const unbroken = (text: string): string => text.replace(FIGURE_AND_UNIT, '$1\u00a0');

/**
 * A fraction as percent: `sayPercent(0.714)` is '71%'.
 *
 * @param share 1 = all of it
 * @returns text, whole percent
 * @example sayPercent(0.714) // '71%'
 */
export function sayPercent(share: number): string {
  return `${sayNumber(share * 100, 0)}%`;
}

/**
 * A time span in s in the unit a person would use.
 *
 * @param seconds s
 * @returns text
 * @example sayDuration(0.05) // '0.05 s'
 * @example sayDuration(95) // '1 min 35 s'
 * @example sayDuration(4000) // '1 h 7 min'
 */
export function sayDuration(seconds: number): string {
  if (seconds < 1) return `${sayNumber(seconds, 3)} s`;
  if (seconds < 9.95) return `${sayNumber(seconds, 1)} s`;
  const whole = Math.round(seconds);
  if (whole < 60) return `${whole} s`;
  if (whole < 600) return pair(Math.floor(whole / 60), 'min', whole % 60, 's');
  const minutes = Math.round(seconds / 60);
  if (minutes < 60) return messages.min(minutes);
  return pair(Math.floor(minutes / 60), 'h', minutes % 60, 'min');
}

const pair = (large: number, largeUnit: string, small: number, smallUnit: string) =>
  small === 0 ? `${large} ${largeUnit}` : `${large} ${largeUnit} ${small} ${smallUnit}`;
