import type { ReactNode } from 'react';
import { rich } from '../../shared/rich/index.ts';

export const chooseHowToGoOn = (taskLabel: string) => `${taskLabel}: choose how to go on`;
export const newSpace = 'New space';
export const and = (one: number, one2: number) => `${one} and ${one2}`;
export const wireSizeFromItsJacket = 'Wire size, from its jacket';
export const thisWireMayKeepThePlanned = (reason: string) =>
  `${reason} This wire may keep the planned breaker. Enter the actual size.`;
export const installAABreaker = (ratingAmps: number) => `Install a ${ratingAmps} A breaker`;
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
export const meterReading = 'Meter reading';
export const save = 'Save';
export const current = 'Current';
export const enterBothTheBreakerFaceAnd =
  'Enter both: the breaker face and the ambient temperature beside the panel.';
export const breakerFace = (temperatureUnit: string) => `Breaker face (${temperatureUnit})`;
export const ambient = (temperatureUnit: string) => `Ambient (${temperatureUnit})`;
export const temperatureUnderLoad = 'Temperature check under load';
export const dueNow = 'due now';
export const measureTheTemperatures = (panel: string) =>
  `${panel}: measure the breaker temperatures under load`;
export const saveTheInspection = 'Save the inspection';
