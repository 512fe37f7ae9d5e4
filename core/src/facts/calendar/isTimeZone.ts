import * as messages from './messages.ts';

/**
 * Whether a name is that of a time zone.
 *
 * @param name as it was given
 * @returns whether it is known here
 * @example isTimeZone('America/Chicago') // true
 */
export function isTimeZone(name: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: name });
    return true;
  } catch {
    return false;
  }
}

/** What is said of one that is none. */
export const NO_TIME_ZONE = messages.thisTimeZoneIsNotKnown;
