export const theSpaceMustBeAWhole = 'The space must be a whole number.';
export const spacesAreNumberedFrom1To = (mostplannedspaces: number) =>
  `Spaces are numbered from 1 to ${mostplannedspaces}.`;
export const aBreakerHasOneOrTwo = 'A breaker has one or two poles.';
export const aOnePoleHalfSizeBreaker =
  'A one-pole half-size breaker is upper or lower. A two-pole one in a quad is inner or outer.';
export const aPanelHasAtLeastTwo = 'A panel has at least two spaces.';
export const aPanelHasAnEvenNumber = 'A panel has an even number of spaces.';
export const thisManyBreakersDoNotFit = 'This many breakers do not fit.';
export const nameAtLeastOneSpaceOr = 'Name at least one space, or leave the list out.';
export const theMaximumCostMustBeA = 'The maximum cost must be a whole number.';
export const theMaximumCostMustBeFrom = 'The maximum cost must be from 0 to 100.';
export const onlyASplitBusHasSections = 'Only a split bus has sections.';
export const thisPanelHasSpaces1To = (spaces: number) => `This panel has spaces 1 to ${spaces}.`;
export const spaceIsUsedTwice = (space: number) => `Space ${space} is used twice.`;
