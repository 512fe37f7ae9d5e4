import type { ReactNode } from 'react';
import { rich } from '../../shared/rich/index.ts';

export const chooseHowToGoOn = (taskLabel: string) => `${taskLabel}: choose how to go on`;
export const newSpace = 'New space';
export const and = (one: number, one2: number) => `${one} and ${one2}`;
export const wireSizeFromItsJacket = 'Wire size, from its jacket';
export const thisWireMayKeepThePlanned = (reason: string) =>
  `${reason} This wire may keep the planned breaker. Enter the actual size.`;
export const installAABreaker = (ratingAmps: number) => `Install a ${ratingAmps} A breaker`;
export const lineSideLive = 'LINE SIDE: LIVE';
export const loadSideOfMain = (id: ReactNode, main: ReactNode) => rich`${id}load side of main${main}`;
export const dead = ': dead';
export const spaceDead = (space: number) => `${space} dead`;
export const theLineSideOfTheMain = (off: string, isCut: ReactNode) =>
  rich`The line side of the main stays energized with every handle off. De-energized at ${off}.${isCut}`;
export const onlyTheSpacesAroundTheWork = ' Only the spaces around the work are shown.';
export const result = 'Result';
export const completedAndTested = '✓ Completed and tested';
export const endedEarly = '✕ Ended early';
export const thePowerWasOffForPlanned = (minutes: ReactNode, minutes2: number) =>
  rich`The power was off for ${minutes}; planned: ${minutes2} min.`;
export const min = (minutes: number) => `${minutes} min`;
export const breakerRecord = 'Breaker record';
export const dueAtTemperatureUnderLoad = (dueAt: string) => `Due at ${dueAt}: temperature under load`;
export const openACase = 'Open a case';
export const reportForTheCustomer = 'Report for the customer';
export const visitSheetPdf = 'Visit sheet (PDF)';
export const turnOnTheRemainingBreakersOne = 'Turn on the remaining breakers, one at a time';
export const turnOnTheOtherBranchBreakers =
  'Turn on the other branch breakers one at a time, large loads last, so the main does not see every load at once.';
export const turnTheOtherSourcesBackOn = 'Turn the other sources back on, at their own disconnects.';
export const updateTheDirectoryNowInInk = 'Update the directory now, in ink. Count your tools and clean up.';
export const everythingIsOnEndTheVisit = 'Everything is on: end the visit';
export const testUnderLoadNowOrLater = 'Test under load, now or later';
export const nothingIsLeftToDoHere = 'Nothing is left to do here';
export const theVisitEndsHereLeaveThe = 'The visit ends here: leave the panel safe';
export const panelLeftSafe = 'Panel left safe';
export const verifyTheMeterAgain = 'Verify the meter again';
export const ifTheMeterHasFailedSince =
  'If the meter has failed since the first check, no point counts as verified dead.';
export const meterReading = 'Meter reading';
export const save = 'Save';
export const off = (off: string) => `Off: ${off}`;
export const offAndLockedOut = (name: string) => `${name}: off and locked out`;
export const space = (taskLabel: string, space: number) => `${taskLabel}, space ${space}`;
export const loadSideOfTheMain = 'Load side of the main';
export const to = (where: string, poles: string, to: string) => `${where}: ${poles} to ${to}`;
export const pole = (pole: number) => `pole ${pole}`;
export const itsPole = 'its pole';
export const measureOnTheLoadSideOf =
  'Measure on the load side of the main, where the bus begins. Never on its line side.';
export const measureAtTheTerminalScrewOf =
  'Measure at the terminal screw of its conductor, and at the bus stab as far as a probe reaches.';
export const underVCountsAsDead = (deadvolts: number, left: string) =>
  `Under ${deadvolts} V counts as dead. ${left}.`;
export const lastPoint = 'Last point';
export const pointsToMeasureIncludingThis = (left: number) => `${left} points to measure, including this one`;
export const openSlots = (join: string) => `Open slots: ${join}.`;
export const checkItOnceMore = (taskLabel: string) => `${taskLabel}: check it once more`;
export const theOldBreakerIsSeatedAs = 'The old breaker is seated as before.';
export const itIsSeatedLevelWithIts = 'It is seated level with its neighbors, handle off.';
export const noBareWireOutsideATerminal =
  'No bare wire outside a terminal, nothing pinched, no tool left inside. If you like, take a photo on the panel’s page.';
export const done = 'Done';
export const turnOnSpace = (taskLabel: string, space: number) => `Turn on: ${taskLabel}, space ${space}`;
export const liftTheEndNearestTheCenter = (side: string) =>
  `Lift the end nearest the center of the panel. The hook at the ${side} end comes off last.`;
export const hookAtTheEnd2Press = (side: string) =>
  `1: hook at the ${side} end. 2: press the inner end onto its bus stab.`;
export const itsTerminalScrewIsAtThe = (side: string) =>
  `Its terminal screw is at the ${side} end, away from the center.`;
export const theBusStabIsOnThe = 'The bus stab is on the bus, at the center of the panel.';
export const byHandOffOnOffLeave = 'By hand: off, on, off. Leave it off.';
export const thePigtailGoesToTheNeutral = (side: string) =>
  `The pigtail goes to the neutral bar, on the ${side} side.`;
export const current = 'Current';
export const enterBothTheBreakerFaceAnd =
  'Enter both: the breaker face and the ambient temperature beside the panel.';
export const breakerFace = (temperatureUnit: string) => `Breaker face (${temperatureUnit})`;
export const ambient = (temperatureUnit: string) => `Ambient (${temperatureUnit})`;
export const torqueYouSet = 'Torque you set';
