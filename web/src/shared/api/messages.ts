export const theLog = 'the log';
export const space = (space: number) => `space ${space}`;
export const theServerIsNotAnsweringNothing =
  'The server is not answering. Nothing was saved. Try again later.';
export const canceledNothingWasSaved = 'Canceled. Nothing was saved.';
export const theServerSentAnAnswerThat = 'The server sent an answer that could not be read.';
export const theServerIsNotAnsweringTry = 'The server is not answering. Try again later.';
export const thisFileNoLongerExists = 'This file no longer exists.';
