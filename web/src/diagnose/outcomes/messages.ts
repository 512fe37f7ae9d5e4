import type { ReactNode } from 'react';
import { rich } from '../../shared/rich/index.ts';

export const right = 'Right';
export const wrong = 'Wrong';
export const undecided = 'Undecided';
export const notKnown = 'Not known';
export const caseByCase = 'Case by case';
export const showOnlyTheNewest = 'Show only the newest';
export const showAll = (casesCount: number) => `Show all ${casesCount}`;
export const noDecisionYet = 'no decision yet';
export const cause = (cause: string, confirmed: string) => `Cause: “${cause}” (${confirmed}).`;
export const theCauseHasNotBeenConfirmed = 'The cause has not been confirmed. Open the case to enter it.';
export const closed = (site: string, closedAt: string, outcome: ReactNode) =>
  rich`${site} · closed ${closedAt}${outcome}`;
export const caseLabel = '1 case';
export const cases = (n: number) => `${n} cases`;
export const resultsPhylaxon = 'Results · Phylaxon';
export const howCasesTurnedOut = 'How cases turned out';
export const atAllSites = 'At all sites. ';
export const allSites = 'All sites';
export const oneSite = 'One site: ';
export const noClosedCasesYet = 'No closed cases yet';
export const whenACaseIsClosedAnd = (simulated: ReactNode) =>
  rich`When a case is closed and its cause is confirmed, this page shows how often the decision was right.${simulated}`;
export const withSimulatedAnswersAreNot = (simulated: string) =>
  ` (${simulated} with simulated answers are not counted.)`;
export const openACase = 'Open a case';
export const closedBeforeADecisionWasMade = (leftOpen: string) =>
  `${leftOpen} closed before a decision was made`;
export const withoutAConfirmedCause = (unsaid: string) => `${unsaid} without a confirmed cause`;
export const withSimulatedAnswers = (simulated: string) => `${simulated} with simulated answers`;
export const howOftenTheDecisionWasRight = 'How often the decision was right';
export const rightInOf = (right: ReactNode, of: ReactNode, of2: string) =>
  rich`Right in ${right} of ${of} ${of2}`;
export const withADecisionAndAConfirmed = (of: string, right: number, from: string, to: string) =>
  `${of} with a decision and a confirmed cause; ${right} decided correctly. With this number of cases, the true rate can be anywhere from ${from} to ${to}.`;
export const noCaseHasAConfirmedCause = 'No case has a confirmed cause yet';
export const notCounted = (join: string) => `Not counted: ${join}.`;
export const byDecision = 'By decision';
export const decision = 'Decision';
export const of = 'of';
export const byCause = 'By cause';
export const causeLabel = 'Cause';
export const casesLabel = 'Cases';
export const rankedFirst = 'Ranked first';
export const wasRight = (span: ReactNode, right: string) => rich`${span} was right: ${right}`;
export const predictedSure = (span: ReactNode, said: string) => rich`${span} predicted: ${said} sure`;
export const trueRateTo = (span: ReactNode, from: string, to: string) =>
  rich`${span} true rate: ${from} to ${to}`;
export const noConfirmedCaseAtAnySite = 'No confirmed case at any site has been added yet.';
export const theOneConfirmedCaseAcrossAll = 'The one confirmed case, across all sites, is';
export const theConfirmedCasesAcrossAll = (cases: number) =>
  `The ${cases} confirmed cases, across all sites, are`;
export const addedTheFiguresChangeSlowlyAnd = (they: string) =>
  `${they} added. The figures change slowly, and danger signs never count for less.`;
export const whatConfirmedCasesChange = 'What confirmed cases change';
export const theStartingLikelihoodOfEach = (tableCases: number, learn: string, ownFrom: number) =>
  `The starting likelihood of each cause comes from a table that counts as ${tableCases} cases. ${learn} A type of breaker or a breaker family gets its own figures once it has ${ownFrom}.`;
export const confirmedCasesDoNotChangeThe =
  'Confirmed cases do not change the table now: learning is turned off.';
export const tableNow = 'table, now';
export const useOnlyTheTable = 'Use only the table';
export const countConfirmedCasesAgain = 'Count confirmed cases again';
