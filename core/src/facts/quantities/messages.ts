export const canHaveAtMostCharacters = (what: string, most: number) =>
  `${what} can have at most ${most} characters.`;
export const isMissing = (what: string) => `${what} is missing.`;
export const mustBeText = (what: string) => `${what} must be text.`;
export const mustNotBeEmpty = (what: string) => `${what} must not be empty.`;
export const canHaveAtMost120Characters = (what: string) => `${what} can have at most 120 characters.`;
export const mustHaveAtLeastOneVisible = (what: string) =>
  `${what} must have at least one visible character.`;
export const theIdMustNotBeEmpty = 'The id must not be empty.';
export const anIdCanHaveAtMost = 'An id can have at most 200 characters.';
export const theIdIsUsedTwice = (id: string) => `The id “${id}” is used twice.`;
export const theTextContainsCharactersThat =
  'The text contains characters that cannot be stored. Type it again.';
export const to = (min: string, max: string) => `${min} to ${max}`;
export const rangeInUnit = (min: number, max: number, unit: string) => `${min} to ${max} ${unit}`;
export const mustBeANumber = (what: string) => `${what} must be a number.`;
export const mustBeFrom = (what: string, min: string) => `${what} must be from ${min}.`;
export const theVoltage = 'The voltage';
export const theCurrent = 'The current';
export const thePower = 'The power';
export const theApparentPower = 'The apparent power';
export const theRating = 'The rating';
export const theAmbientTemperature = 'The ambient temperature';
export const theSurfaceTemperature = 'The surface temperature';
export const theTime = 'The time';
export const theLength = 'The length';
export const min = (minutes: number) => `${minutes} min`;
