export const thereIsNoBreakerOnAn = 'There is no breaker on an earlier line to tie it to.';
export const thisPanelHasSpaces1To = (spaces: number) => `This panel has spaces 1 to ${spaces}.`;
export const spaceAlreadyHasABreaker = (space: number) => `Space ${space} already has a breaker.`;
export const isNotAListOfSpaces = (first: string) =>
  `“${first}” is not a list of spaces, such as 9 or 13-16.`;
export const isNotASpaceStartWith = (first: string) =>
  `“${first}” is not a space. Start with the space, such as 12, 2-4, 19u or 5i.`;
export const enterTheRatingInAAfter = 'Enter the rating in A after the name, such as “kitchen counter 20”.';
export const theRatingMustBeFrom1 = 'The rating must be from 1 to 1000 A.';
export const enterWhatItFeedsBetweenThe = 'Enter what it feeds, between the space and the rating.';
export const aNameCanHaveAtMost = 'A name can have at most 120 characters.';
export const aOnePoleBreakerTakesOne = 'A one-pole breaker takes one space. Enter one space, or 2p.';
export const aTwoPoleBreakerMustBe = (space: number, space2: number, space3: number, second: number) =>
  `A two-pole breaker must be on both legs: spaces ${space} and ${space2}, not ${space3} and ${second}.`;
export const aDirectoryCanHaveAtMost = 'A directory can have at most 20,000 characters.';
export const enterAtLeastOneLine = 'Enter at least one line.';
