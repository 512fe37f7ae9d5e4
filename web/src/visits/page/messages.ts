import type { ReactNode } from 'react';
import { rich } from '../../shared/rich/index.ts';

export const movesHereFromSpace = (from: number | null) => `moves here from space ${from}`;
export const deEnergizedAtOffForAbout = (
  plannedFor: ReactNode,
  off: ReactNode,
  minutes: ReactNode,
  permit: string,
  meterPulled: ReactNode,
) =>
  rich`${plannedFor}De-energized at ${off}, off for about ${minutes}.${permit}${meterPulled} Work for a licensed electrician where the local code requires one.`;
export const min = (minutes: number) => `${minutes} min`;
export const permit = (permit: string) => ` Permit ${permit}.`;
export const theUtilityPullsTheMeter = ' The utility pulls the meter.';
export const tasksInOrder = 'Tasks, in order';
export const atSpace = (space: number) => `, space ${space}`;
export const taskAt = (taskLabel: ReactNode, at: string, task: string, why: ReactNode) =>
  rich`${taskLabel}${at}: ${task}${why}`;
export const toolsPrintoutsAndNotices = 'Tools, printouts and notices';
export const lockoutTagPdf = 'Lockout tag (PDF)';
export const outageNoticePdf = 'Outage notice (PDF)';
export const visitSheetPdf = 'Visit sheet (PDF)';
export const partsSeeThe = (link: ReactNode) => rich`Parts: see the ${link}`;
export const partsList = 'parts list';
export const circuitsThatWillBeOff = 'Circuits that will be off';
export const onlyAContactMeterCanVerify =
  'Only a contact meter can verify absence of voltage, checked on a known live source before and after. A non-contact tester is a warning device: it misses shielded cable and conductors whose fields cancel. Some electricians change breakers with the main on. Phylaxon does not support that: one slip can kill you.';
export const copyTheNotice = 'Copy the notice';
export const copied = '✓ Copied';
export const theBrowserDidNotAllowThe =
  'The browser did not allow the copy. Select the text and copy it yourself.';
export const plannedWorkForAQualified = 'Planned: work for a qualified electrician.';
export const inProgressStayAwayFromThe = 'In progress: stay away from the panel.';
export const endedEarlyAskWhichCircuitsAre = 'Ended early: ask which circuits are still off, and why.';
export const whatWillHappen = 'What will happen';
export const howToPrepare = 'How to prepare';
export const questionsToAsk = 'Questions to ask';
export const howToCheckTheFinishedWork = 'How to check the finished work';
export const outageNoticeForTheHouseholdPdf = 'Outage notice for the household (PDF)';
export const tasks = 'Tasks';
export const onlyAQualifiedElectricianMay =
  'Only a qualified electrician may open the cover. Local codes and licensed practice decide.';
export const simulatedHouseThisIsADemo = 'Simulated house: this is a demo site';
export const faultInTheSimulatedHouse = 'Fault in the simulated house';
export const aPersonHasToChoose = 'A person has to choose';
export const answerFromTheSimulation = 'Answer from the simulation';
export const stopTakeABreakOrUndo = 'Stop, take a break, or undo';
export const undoTheLastStepEnteredBy = 'Undo the last step (entered by mistake)';
export const takeABreakCoverOn = (locked: string) => `Take a break (cover on${locked})`;
export const lockoutStaysOn = ', lockout stays on';
export const verifyTheMeterAgainAfterThe = 'Verify the meter again after the break.';
export const putTheCoverOnBeforeYou = 'Put the cover on before you take a break. The lockout stays on.';
export const leaveForAnotherDay = (taskLabel: string) => `Leave ${taskLabel} for another day`;
export const leaveThePanelSafeNow = 'Leave the panel safe now';
export const endTheVisitHere = 'End the visit here';
export const coverIsOn = 'Cover is on';
export const serviceVisitPhylaxon = 'Service visit · Phylaxon';
export const theVisitCouldNotBeLoaded = 'The visit could not be loaded';
export const loadingTheVisit = 'Loading the visit …';
export const visits = (siteName: string) => `${siteName}: visits`;
export const visit = (panelName: string) => `Visit: ${panelName}`;
export const theServerIsNotAnsweringYou =
  'The server is not answering. You can go on: your entries are kept here and sent when the connection is back.';
export const events = 'Events';
export const visitLog = (at: ReactNode) => rich`Visit log ${at}`;
export const earlierEntries = (linesCount: number) => `${linesCount} earlier entries`;
export const verify = 'Verify';
export const work = 'Work';
export const restore = 'Restore';
export const test = 'Test';
export const progress = 'Progress';
export const inTheSameShutdown = 'In the same shutdown';
export const visitTo = (panel: string, what: string, stands: string) => `${panel}: ${what} (${stands})`;
export const finishThemBeforePower =
  'Before you turn on this main, put their covers on and remove their locks. Test their breakers after the power is back.';
export const beginsOnceLockedOut = 'This visit begins once that panel is locked out.';
export const permitAndInspection = 'Permit and inspection';
export const inspectionStands = (stands: string, day: string) =>
  `inspection ${stands.toLowerCase()}${day === '' ? '' : ` for ${day}`}`;
export const permitNeed = 'Is a permit needed?';
export const permitNumber = 'Permit number';
export const inspectionByTheAuthority = 'Inspection by the authority';
export const inspectionDate = 'Date of the inspection';
export const corrections = 'Corrections';
export const oneOnEachLine = 'One on each line. Each appears among the work that is due.';
export const fillerPlateMissing = 'Filler plate missing at space 14';
export const saved = 'Saved';
export const savePermit = 'Save permit';
export const whoWorksOnThisVisit = 'Who is working on this visit';
export const worksOnThisVisit = (name: string) => `${name} is working on this visit.`;
export const talkFirst = (name: string) =>
  `Talk to ${name} before you take it over: their hands may be inside the panel, and the lock may be theirs. Their steps stay on record; only you can add steps from then on.`;
export const takeOverThisVisit = 'Take over this visit';
