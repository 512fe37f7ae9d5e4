export const theKindMustBeOneOf = 'The kind must be branch, feeder, bus, main or service.';
export const theRatingMustBeAbove0 = 'The rating must be above 0 A.';
export const nameAtLeastOneNode = 'Name at least one node on the way to the service.';
export const nameAtMost8Nodes = 'Name at most 8 nodes on the way to the service.';
export const theContinuousPartIsAboveTheLoad =
  'The continuous current must not exceed the current of its leg.';
export const theLegMustBeAOrB = 'The leg must be a or b.';
export const aTwoPoleLoadIsOnBothLegs = 'A two-pole load uses both legs. Leave the leg out.';
export const theRulesMustBe = 'The rules must be split or flat80.';
export const polesMustBe = 'A load has one or two poles.';
