export const thisIdIsUsedTwice = 'This id is used twice.';
export const noBreakerInThisFileHas = 'No breaker in this file has this id.';
export const noPanelInThisFileHas = 'No panel in this file has this id.';
export const noOtherBreakerInThisFile = 'No other breaker in this file has this id.';
export const thisFamilyAlreadyHasACurve = 'This family already has a curve.';
export const thisBreakerAlreadyHasACircuit = 'This breaker already has a circuit.';
export const noMapInThisFileHas = 'No map in this file has this id.';
export const noVisitInThisFileHas = 'No visit in this file has this id.';
export const noCaseInThisFileHas = 'No case in this file has this id.';
export const theChainOfReplacedBreakers = 'The chain of replaced breakers forms a loop.';
export const itsPanelWasRemovedFromThe = 'Its panel was removed from the site.';
export const itsPanelHasMoreBreakersThan = 'Its panel has more breakers than spaces.';
export const itsPanelAlreadyHasAMain = 'Its panel already has a main.';
export const theHandleTieDoesNotJoin = 'The handle tie does not join two breakers here.';
export const anotherVisitHasThisId = 'Another visit has this id.';
export const theStepsOfThisVisitAre = 'The steps of this visit are not in order.';
export const theVisitDoesNotAllowThis = 'The visit does not allow this step at this point.';
export const thisTimeIsMoreThanA = 'This time is more than a year in the future.';
export const noneOfTheInThisFile = (kind: string) => `None of the ${kind} in this file has this id.`;
export const thisEntryIsAlreadyVoid = 'This entry is already void.';
export const aMainHasNoSpaceEvery = 'A main has no space. Every other breaker needs one.';
export const aFileCanHaveAtMost = (most: number) => `A file can have at most ${most} of these.`;
export const thisIsNotASiteFile = (sitefileformat: string) =>
  `This is not a site file: its format is not “${sitefileformat}”.`;
export const theVersionMustBeAWhole = 'The version must be a whole number from 1.';
export const thisFileWasWrittenByA = (version: number) =>
  `This file was written by a newer version (${version}). Update Phylaxon to read it.`;
