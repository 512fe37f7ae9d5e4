import { z } from 'zod';
import './inputMessages.ts';
import { sayLength, sayTemperature, type Sentence } from './sentence.ts';
import * as messages from './messages.ts';

function range(min: number, max: number, unit: string): Sentence {
  if (unit === '°C') return messages.to(sayTemperature(min), sayTemperature(max));
  if (unit === 'm') return messages.to(sayLength(min), sayLength(max));
  return messages.rangeInUnit(min, max, unit);
}

const bounded = (min: number, max: number, what: string, unit: string) =>
  z
    .number({
      error: (issue) => (issue.input === undefined ? messages.isMissing(what) : messages.mustBeANumber(what)),
    })
    .min(min, messages.mustBeFrom(what, range(min, max, unit)))
    .max(max, messages.mustBeFrom(what, range(min, max, unit)));

/** Voltage in V, as met in a building: 0 to 1000. */
export const volts = bounded(0, 1000, messages.theVoltage, 'V');

/** Voltage across a closed breaker or a joint, in mV: 0 to 10 000. */
export const millivolts = bounded(0, 10_000, messages.theVoltage, 'mV');

/** Current in A that loads or meters show: 0 to 10 000 (a short circuit included). */
export const amps = bounded(0, 10_000, messages.theCurrent, 'A');

/** Power in W: 0 to 10 MW (1000 V at 10 000 A). */
export const watts = bounded(0, 10_000_000, messages.thePower, 'W');

/** Apparent power in VA, with the same bounds as watts. */
export const voltAmperes = bounded(0, 10_000_000, messages.theApparentPower, 'VA');

/** A breaker's rating in A: 1 to 1000. */
export const ratingAmps = bounded(1, 1000, messages.theRating, 'A');

/** Temperature of the air around a panel or conductor in °C: −40 to 90. */
export const ambientC = bounded(-40, 90, messages.theAmbientTemperature, '°C');

/** Temperature of a surface in °C: −40 to 500. */
export const surfaceC = bounded(-40, 500, messages.theSurfaceTemperature, '°C');

/** A time span in s: 0 to a year. */
export const seconds = bounded(0, 31_557_600, messages.theTime, 's');

/** A length of conductor in m: 0 to 1000. */
export const metres = bounded(0, 1000, messages.theLength, 'm');

/**
 * One of a few figures: as a union, since the API's document tells but the first of a literal that has several.
 *
 * @param values all that are allowed
 * @param message what is said of any other
 * @returns schema of one of them
 * @example oneOf([1, 2], 'A breaker has one pole or two.').parse(2) // 2
 */
export const oneOf = <const N extends number>(values: readonly N[], message?: string) =>
  z.union(
    values.map((value) => z.literal(value)),
    message,
  );
