export const thisBreaker = 'This breaker';
export const itsHandleIsTiedToRemove = (tied: string, tie: string) =>
  `Its handle is tied to ${tied}. Remove the handle tie first. ${tie}`;
export const itFeedsFirstEnterWhatElse = (fedName: string) =>
  `It feeds ${fedName}. First enter what else feeds that panel.`;
export const theMainStaysWhereItIs = 'The main stays where it is.';
export const itsHandleIsTiedToSo = (tied: string) =>
  `Its handle is tied to ${tied}, so the two must stay together. Remove the handle tie first.`;
export const theBreakersAreInDifferent = 'The breakers are in different panels.';
export const theMainCannotBeTied = 'The main cannot be tied.';
export const theHandleAtAlreadyHasA = (one: string) =>
  `The handle at ${one} already has a tie. Remove it first.`;
export const thisCase = 'This case';
export const thisCaseIsClosedReopenIt = 'This case is closed. Reopen it before you add anything.';
export const itBelongsToAnotherSite = 'It belongs to another site.';
export const thisAnswer = 'This answer';
export const findingsAreInTheLogOf = 'Findings are in the log of its breaker. Open another case instead.';
export const thisCaseIsAlreadyClosedWith = 'This case is already closed with a different result. Reload it.';
export const thisCaseIsStillOpenEnter = 'This case is still open. Enter the cause when you close it.';
export const thisCircuit = 'This circuit';
export const thisCurve = 'This curve';
export const line = (line: number, message: string) => `Line ${line}: ${message}`;
export const utc = (replace: string) => `${replace} UTC`;
export const thisTimeIsInTheFuture = (told: string) =>
  `This time is in the future. The server’s clock reads ${told}.`;
export const thereIsNoSuchCaseAt = 'There is no such case at this site.';
export const anotherEntryHasThisIdGive = 'Another entry has this id. Give this entry its own id.';
export const thisIdIsUsedTwiceGive = 'This id is used twice. Give each entry its own id.';
export const thisEntryIsAlreadyVoid = 'This entry is already void.';
export const thisEntry = 'This entry';
export const theStepBeforeThisOneWas = (before: string) =>
  `The step before this one was at ${before}. Check this device’s clock, then send the step again.`;
export const thereIsNoSuchAttachmentHere = 'There is no such attachment here. Upload it first.';
export const theseAreNotTheChannelsOf = 'These are not the channels of the recording.';
export const duringMaintenance = 'During maintenance';
export const thereIsNoSuchMapOf = 'There is no such map of this panel.';
export const thisMapHasRounds = (roundsCount: number) => `This map has ${roundsCount} rounds.`;
export const thisMapHasNoSuchOutlet = 'This map has no such outlet or fixture.';
export const thereIsNoSuchBreakerIn = 'There is no such breaker in this panel.';
export const thisPanel = 'This panel';
export const isFedThroughItsLugsChange = (fedName: string) =>
  `${fedName} is fed through its lugs. Change that first.`;
export const theBreakerAtWouldNotFit = (breaker: string, message: string) =>
  `The breaker at ${breaker} would not fit: ${message}`;
export const spaceHasABreaker = (wrong: number) => `Space ${wrong} has a breaker.`;
export const thisSite = 'This site';
export const aVisitToIsInProgress = (panelName: string, what: string) =>
  `A visit to ${panelName} is in progress. ${what} End the visit first.`;
export const thisPanelCannotBeRemovedOr = 'This panel cannot be removed or fed differently now.';
export const theVisitWorksOnThisBreaker = 'The visit works on this breaker, or its lockout depends on it.';
export const theMainOfThisPanelCannot = 'The main of this panel cannot be changed now.';
export const itsStepsCannotBeUndone = 'Its steps cannot be undone.';
export const bothWouldDeEnergizeTheSame = 'Both would de-energize the same panel.';
export const leaveEverythingLockedOutHands = 'Leave everything locked out: hands may be inside that panel.';
export const lockedOutWorkIsInProgress = (panelName: string) =>
  `Locked out: work is in progress in ${panelName}. Do not turn this breaker on. If it is already on, warn the people who work there now.`;
export const lockedOutWorkIsInProgressIn = (panelName: string) =>
  `Locked out: work is in progress in ${panelName}. Do not operate any breaker here.`;
export const thisVisitHasStartedSoIt = 'This visit has started, so it can only be ended, not undone.';
export const thisWasFoundOnTheVisit = (panelName: string) =>
  `This was found on the visit to ${panelName}, which is in progress. It stays on record.`;
export const completedOnAVisit = 'Completed on a visit';
export const madeOnAVisitTorquedAs = 'Made on a visit, torqued as marked';
export const inspectedOnAVisit = 'Inspected on a visit';
export const doneOnAVisitThePower = (minutes: number) =>
  `Done on a visit. The power was off for ${minutes} min.`;
export const theMainCannotBeWorkedOn =
  'The main cannot be worked on in a visit like this: its line side stays energized. The utility disconnects the service.';
export const thisPanelHasSpaces1To = (spaces: number, space: number) =>
  `This panel has spaces 1 to ${spaces}, not ${space}.`;
export const anotherVisitHasThisIdGive = 'Another visit has this id. Give this visit its own id.';
export const anotherBreakerHasThisIdGive = 'Another breaker has this id. Give the new breaker its own id.';
export const thereIsNoSuchVisitFor = 'There is no such visit for this panel.';
export const thisVisitHasChangedInThe = 'This visit has changed in the meantime. Check its current step.';
export const thisStepIsNotAllowedAt =
  'This step is not allowed at this point of the visit. Check the next step.';
export const duringAnInspection = 'During an inspection';
export const itsBreakerIsOut =
  'Its breaker was removed on a visit. The wire is capped, the space is filled, and the circuit has no power.';
export const lockOutItsPanelFirst = 'First turn off its main and lock it out.';
export const turnThatPanelOnFirst = 'Close it up and turn its main on first.';
export const thereIsNoSuchVisitAround = 'There is no such visit to a panel that feeds this one.';
