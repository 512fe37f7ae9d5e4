import type { ReactNode } from 'react';
import { rich } from '../../shared/rich/index.ts';

export const whatElseIsDead = 'What else is dead?';
export const isDead = 'is dead';
export const orWithoutAReading = 'Or, without a reading';
export const somethingElseIsConnectedOrPart = 'Something else is connected, or part of this list is wrong';
export const isNotOnThisCircuit = (one: string) => `${one} is not on this circuit`;
export const notOnThisCircuit = 'not on this circuit';
export const anotherLoadOnThisCircuit = 'Another load on this circuit';
export const spaceHeater = 'space heater';
export const add = 'Add';
export const decision = 'Decision';
export const isolated = 'Isolated';
export const isolatedIn = (trialsCount: number, trialsCount2: string, some: ReactNode) =>
  rich`Isolated in ${trialsCount} ${trialsCount2}${some}`;
export const theCauseIs = (foundName: string) => `The cause is “${foundName}”`;
export const theCauseIsTheFixedWiring = 'The cause is the fixed wiring';
export const leaveItUnpluggedEverythingElse =
  'Leave it unplugged. Everything else on this circuit is cleared.';
export const leaveTheCircuitOffANew = 'Leave the circuit off. A new breaker will not fix this.';
export const testResults = 'Test results';
export const handOverPage = 'Hand-over page';
export const theRestIsWorkForAn = 'The rest is work for an electrician';
export const undecidedLeaveTheBreakerOff = 'Undecided: leave the breaker off';
export const theRemainingTestsAreBehindThe =
  'The remaining tests are behind the panel cover. Leave the cover closed and the breaker as it is. The hand-over page lists the possible causes.';
export const theFindingsDoNotPointTo =
  'The findings do not point to one cause. Answer the skipped questions, or hand the case over with all findings.';
export const theElectricianChecksThisFirst = 'The electrician checks this first';
export const thisWouldDecideIt = 'This would decide it';
export const mostLikelyBreakersFirst = 'Most likely breakers first';
export const main = 'Main';
export const circuitNotNamed = 'Circuit not named';
export const firm = 'firm';
export const thisIsTheOne = (label: string) => `This is the one: ${label}`;
export const thisIsTheOneLabel = 'This is the one';
export const showOnlyTheMostLikely = 'Show only the most likely';
export const showAll = (rankedCount: number) => `Show all ${rankedCount}`;
export const whichBreakerIsIt = 'Which breaker is it?';
export const readingTheDirectory = 'Reading the directory …';
export const noHandleIsLoose = 'No handle is loose';
export const everyHandleInThisPanelWas = 'Every handle in this panel was checked and is firm.';
export const thenATrippedBreakerInThis =
  'Then a tripped breaker in this panel is unlikely. Continue with the most likely one and the other checks.';
export const continueWith = (likeliestLabel: string) => `Continue with ${likeliestLabel}`;
export const space = (place: string) => `space ${place}`;
export const tryHandle = (place: string, firstLabel: string) => `Try handle ${place}: ${firstLabel}`;
export const ofTheMain = 'of the main';
export const circuitNotNamedInline = 'circuit not named';
export const dryHandsStandToOneSide =
  'Dry hands, stand to one side. The handle of a tripped breaker gives; a breaker that is on stays firm.';
export const itGivesOrSitsInThe = 'It gives, or sits in the middle';
export const itIsFirmTryTheNext = 'It is firm: try the next one';
export const plugInOrTurnOn = 'Plug in or turn on';
export const nothing = 'Nothing';
export const leaveUnpluggedAndOff = 'Leave unplugged and off';
export const turnTheBreakerOffFirstPlug = (policies: string) =>
  `Turn the breaker off first. Plug in, then reset it once (fully off, then on). ${policies}`;
export const whatHappened = 'What happened?';
export const test = (trialsCount: number) => `Test ${trialsCount}`;
export const nothingPluggedIn = (number: string) => `${number}: nothing plugged in`;
export const withLabel = (number: string, connectCount: string) => `${number}: with ${connectCount}`;
export const only = (value: string | undefined) => `only “${value}”`;
export const onlyThese = (connectCount: number) => `only these ${connectCount}`;
export const resultsSoFar = 'Results so far';
export const fixedWiring = 'fixed wiring';
export const cleared = (join: string) => `✓ Cleared: ${join}`;
export const thatIsAllEverythingElseIs = 'That is all. Everything else is normal.';
export const itHeld = 'It held';
export const itTripped = (pace: string) => `It tripped ${pace}`;
export const theClickAtOffMeansThe =
  'The click at off means the latch has engaged. Without it the breaker was not reset, even if the handle looks right. The click at on means the contacts have closed.';
export const unplugEverythingOnTheCircuit = 'Unplug everything on the circuit, then reset the breaker once';
export const resetTheBreakerOnce = 'Reset the breaker once';
export const alreadyTrippedAgain = (failed: string) => `${failed} already tripped again.`;
export const reset = '1 reset';
export const resets = (failed: number) => `${failed} resets`;
export const pushTheHandleFullyOffUntil =
  'Push the handle fully off until it clicks, then on until it clicks. In most panels, on is toward the center.';
export const howDidTheHandleFeel = 'How did the handle feel?';
export const whatHappenedNext = 'What happened next?';
export const plugAWorkingLampIntoThe = 'Plug a working lamp into the outlet that was dead';
export const stopPhylaxon = 'Stop · Phylaxon';
export const stop = 'Stop.';
export const doThisNow = 'Do this now';
export const now = 'Now';
export const whatToTellThem = 'What to tell them';
export const tellThem = 'Tell them';
export const stopForNow = 'Stop for now';
export const aQualifiedPersonHasDealtWith = 'A qualified person has dealt with it';
export const reportedBySimulatedAnswers = 'Reported by simulated answers, undone in the demo';
export const thisIsADemo = 'This is a demo';
export const thisIsADemoSiteOnly =
  'This is a demo site. Only simulated answers reported this danger. Nobody is in danger.';
export const undoTheSimulatedAnswers = 'Undo the simulated answers';
export const theBreakerIsIn = (breaker: string, breaker2: string, panelName: string, circuit: string) =>
  `The breaker is ${breaker}, ${breaker2}, in ${panelName}${circuit}.`;
export const thePanel = 'the panel';
export const forLabel = (circuitLabel: string) => ` for ${circuitLabel}`;
export const theProblemIsAt = (panelName: string) => `The problem is at ${panelName}.`;
export const thatPanelIsFedFrom = (panelName: string) => `That panel is fed from ${panelName}.`;
export const weWillStayAwayFromIt = 'We will stay away from it until you arrive.';
