import type { ReactNode } from 'react';
import { rich } from '../../shared/rich/index.ts';

export const phylaxon = 'Phylaxon';
export const pageNotFound = 'Page not found';
export const thisPageFailedToLoad = 'This page failed to load';
export const thereIsNoPageAtThis = 'There is no page at this address.';
export const nothingYouSavedIsLost = (error: string) => `Nothing you saved is lost. ${error}`;
export const goToTheStartPage = 'Go to the start page';
export const whoIsWorkingToday = 'Who is working today?';
export const homeowner = 'Homeowner';
export const worksWithTheCoverClosed = 'Works with the cover closed';
export const electrician = 'Electrician';
export const qualifiedToOpenThePanel = 'Qualified to open the panel';
export const workingAs = 'Working as';
export const log = (kbd: ReactNode) => rich`Log${kbd}`;
export const settings = 'Settings';
export const loading = 'Loading …';
export const logLabel = 'Log';
export const unsentEntries = 'Unsent entries';
export const keptInThisBrowserAndSent = (
  patient: ReactNode,
  because: ReactNode,
  because2: string,
  join: string,
) => rich`${patient} ${because}Kept in this browser and sent ${because2}: ${join}.`;
export const waitingForTheServer = (patient: string) => `${patient} waiting for the server.`;
export const entryIs = '1 entry is';
export const entriesAre = (patient: number) => `${patient} entries are`;
export const asSoonAsThatIsFixed = 'as soon as that is fixed';
export const asSoonAsTheServerAnswers = 'as soon as the server answers';
export const couldNotBeSaved = (label: string) => `“${label}” could not be saved:`;
export const discardEntry = 'Discard entry';
export const mainNavigation = 'Main navigation';
export const start = 'Start';
export const board = 'Board';
export const jobs = 'Jobs';
export const close = 'Close';
export const search = 'Search';
export const calculators = 'Calculators';
export const tripTimeAmpacityVoltageDrop = 'trip time, ampacity, voltage drop, solar';
export const searchEverything = 'Search breakers, rooms, cases and pages';
export const searchExample = 'kitchen, trip curve, report, 12 24.5a';
export const nothingFound = 'No results. Try another word, or a reading such as “12 118v”.';
export const pages = 'Pages';
export const breakers = 'Breakers';
export const cases = 'Cases';
export const sitesAndPanels = 'Sites and panels';
export const readings = 'Readings';
export const logThis = (text: string) => `Log “${text}”`;
export const opensTheReadingLine = 'Opens the reading line with this text';
export const startPage = 'Start page';
export const newPanel = 'Set up a panel';
export const allResults = 'How cases turned out';
export const openCase = 'Open case';
export const ofThisBreaker = (name: string) => `${name}: trip curve`;
export const keyboardShortcuts = 'Keyboard shortcuts';
export const main = 'Main';
