export const theCurrentChangesMoreThanTimes = (limit: string) =>
  `The current changes more than ${limit} times. Enter fewer hours or longer cycles.`;
export const eachPartOfACycleMust = 'Each part of a cycle must last at least 1 s.';
export const enterTheStartingCurrentAsA = 'Enter the starting current as a multiple of the running current.';
export const theStartingCurrentMustBe1 = 'The starting current must be 1 to 15 times the running current.';
export const theStartingTimeMustBeAt = 'The starting time must be at least 0.01 s.';
export const theStartingTimeCanBeAt = 'The starting time can be at most one minute.';
export const aDutyCycleNeedsATime = 'A duty cycle needs a time on and a time off.';
export const aStartingCurrentNeedsAMultiple = 'A starting current needs a multiple and a time.';
export const theStartingTimeIsLongerThan = 'The starting time is longer than the load is on.';
export const theIdMustNotBeEmpty = 'The id must not be empty.';
export const theLoadName = 'The load name';
export const enterAtLeast01Hours = 'Enter at least 0.1 hours.';
export const enterAtMostOneWeek168 = 'Enter at most one week: 168 hours.';
export const aCircuitCanHaveAtMost = 'A circuit can have at most 60 loads.';
export const enterAtMost200000Intervals = 'Enter at most 200,000 intervals at a time.';
export const enterTheLoadsThatRunOr = 'Enter the loads that run, or a recorded current.';
