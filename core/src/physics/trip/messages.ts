export const enterTheMultipleOfTheRating = 'Enter the multiple of the rating as a number.';
export const theMultipleMustBeAbove1 =
  'The multiple must be above 1: a sound breaker holds its rated current.';
export const theMultipleCanBeAtMost = 'The multiple can be at most 50.';
export const enterATimeInSecondsOr = 'Enter a time in seconds, or leave it empty for never.';
export const theTimeMustBeMoreThan = 'The time must be more than 0 s.';
export const theTimeCanBeAtMost = 'The time can be at most 100,000 s.';
export const theLatestTimeCannotBeBefore = 'The latest time cannot be before the earliest.';
export const aCurveCanHaveAtMost = 'A curve can have at most 200 points.';
export const thisMultipleIsListedTwice = 'This multiple is listed twice.';
export const aHigherCurrentCannotTakeLonger = 'A higher current cannot take longer than a lower one.';
export const enterAtLeastTwoPointsWhose = (edge: string) =>
  `Enter at least two points whose ${edge} time is above 0.1 s. The fit needs two.`;
export const theRatingMustBeFromTo = (from: number, to: number) =>
  `The rating must be from ${from} to ${to} A.`;
export const theAmbientTemperatureMustBe = (from: string, to: string) =>
  `The ambient temperature must be from ${from} to ${to}.`;
export const theEarlierLoadCannotExceedThe =
  'The earlier load cannot exceed the rating: it would not have been steady.';
