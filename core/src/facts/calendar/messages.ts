export const thisTimeZoneIsNotKnown = 'This time zone is not known.';
