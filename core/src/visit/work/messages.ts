export const theSpaceMustBeAWhole = 'The space must be a whole number.';
export const theCircuitName = 'The circuit name';
export const aBreakerHasOneOrTwo = 'A breaker has one or two poles.';
export const breakerFamily = 'Breaker family';
export const aReason = 'A reason';
export const chooseAtLeastOneTask = 'Choose at least one task.';
export const aVisitCanHaveAtMost = 'A visit can have at most 20 tasks.';
export const enterAtMost8OtherSources = 'Enter at most 8 other sources.';
export const deEnergizedAt = 'De-energized at';
export const minutesMustBeANumber = 'Minutes must be a number.';
export const aVisitTakesAtLeast1 = 'A visit takes at least 1 minute.';
export const aVisitTakesAtMost1 = 'A visit takes at most 1 day.';
export const aName = 'A name';
export const aPhoneNumber = 'A phone number';
export const aPermit = 'A permit';
export const giveEachBreakerToInstallIts = 'Give each breaker to install its own id.';
export const theMainCannotBeWorkedOn =
  'The main cannot be worked on in this visit: its line side stays energized.';
export const nameTheExistingBreakerANew = 'Name the existing breaker. A new circuit has none.';
export const aTaskThatInstallsABreaker =
  'A task that installs a breaker needs an id for it. A task that installs none must not have one.';
export const nameTheSpaceThatTheBreaker = 'Name the space that the breaker leaves.';
export const theTorqueMustBeANumber = 'The torque must be a number.';
export const theTorqueMustBeFrom1 = 'The torque must be from 1 to 600 lb·in.';
