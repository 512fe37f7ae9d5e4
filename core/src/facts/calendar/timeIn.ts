/**
 * Instants as they are read in a time zone.
 *
 * @param zone a time zone, such as America/Chicago
 * @returns of an instant (UTC, ISO 8601) its day and time
 * @example timeIn('UTC')('2026-11-03T20:05:00.000Z') // '2026-11-03 20:05'
 */
export const timeIn = (zone: string): ((at: string) => string) => {
  const parts = new Intl.DateTimeFormat('sv-SE', { dateStyle: 'short', timeStyle: 'short', timeZone: zone });
  return (at) => parts.format(new Date(at));
};
