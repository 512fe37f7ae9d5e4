export const anEventNeedsAtLeastOne = 'An event needs at least one interval.';
export const anEventCanHaveAtMost = 'An event can have at most 2000 intervals.';
export const theTripCannotBeAfterThe = 'The trip cannot be after the end of the last interval.';
export const enterAtMost500EventsAt = 'Enter at most 500 events at a time.';
