export const undoneInTheCase = 'Undone in the case';
export const askThisNow = 'Ask this now';
export const findingsSoFar = 'Findings so far';
export const undone = 'undone · ';
export const casePhylaxon = 'Case · Phylaxon';
export const thisCaseCouldNotBeLoaded = 'This case could not be loaded';
export const loadingTheCase = 'Loading the case …';
export const yourAnswersSoFarAreKept =
  'Your answers so far are kept in this browser until the server answers.';
export const tryAgain = 'Try again';
export const phylaxon = (title: string) => `${title} · Phylaxon`;
export const continueLater = 'Continue later';
export const noConnectionToTheServerYou =
  'No connection to the server. You can go on: your answers are kept here and sent when the connection is back.';
export const theBreakerInThisCaseHas =
  'The breaker in this case has since been removed from its panel. Close the case and enter the result.';
export const theTestResultsContradictEach =
  'The test results contradict each other: no single fault on this circuit explains all of them.';
export const thereMayBeMoreThanOne =
  'There may be more than one fault, too much load in total, or another load on the circuit. If an answer was wrong, undo it.';
export const backToTheNextStep = '← Back to the next step';
export const checkSomethingElseInstead = 'Check something else instead';
export const caseStatus = 'Case status';
export const possibleCauses = 'Possible causes';
export const basedOnWhatIsKnownSo = 'Based on what is known so far. Updates with every answer.';
export const asOfTheDayTheCase = 'As of the day the case was closed.';
