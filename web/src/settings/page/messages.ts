import type { ReactNode } from 'react';
import { rich } from '../../shared/rich/index.ts';

export const kb = (bytes: number) => `${bytes} kB`;
export const mb = (toFixed: string) => `${toFixed} MB`;
export const todaySBackupIsDone = '✓ Today’s backup is done.';
export const theWholeDatabaseWasCheckedNo = '✓ The whole database was checked. No errors.';
export const backups = 'Backups';
export const backingUp = 'Backing up …';
export const backUpNow = 'Back up now';
export const checking = 'Checking …';
export const checkTheDatabase = 'Check the database';
export const onTheComputerThatRunsThe = (code: ReactNode, code2: ReactNode) =>
  rich`On the computer that runs the server: ${code} saves a backup anywhere, ${code2} restores one and keeps the data it replaces. The server may keep running.`;
export const npmRunBackupFileZip = 'npm run backup -- FILE.zip';
export const npmRunRestoreFileZip = 'npm run restore -- FILE.zip';
export const dailyBackupsAreTurnedOffHere = 'Daily backups are turned off here.';
export const oneBackupADayTheNewest = (keep: ReactNode, folder: ReactNode) =>
  rich`One backup a day, the newest ${keep}, in ${folder}.`;
export const openedAgainAndVerified = (at: ReactNode, bytes: string) =>
  rich`${at}, ${bytes}, opened again and verified.`;
export const lastGoodBackup = (at: string) => `Last good backup: ${at}`;
export const noBackupYetTheFirstOne = 'No backup yet: the first one is made soon after the server starts.';
export const theLastBackupFailed = 'The last backup failed.';
export const digits = (digits: number) => ` + ${digits} digits`;
export const atLeast = (least: number) => `, at least ${least}`;
export const yourInstruments = 'Your instruments';
export const everyReadingKeepsTheAccuracyOf =
  'Every reading keeps the accuracy of its instrument. If you enter one instrument of a type, its accuracy is used. Otherwise the usual accuracy of that type is used.';
export const categorySuitableForWorkInA = (category: string) =>
  `Category ${category}: suitable for work in a panel.`;
export const categoryIiNotSuitableForWork =
  'Category II: not suitable for work in a panel, which needs CAT III, 600 V or higher.';
export const categoryNotEnteredWorkInA =
  'Category not entered: work in a panel needs CAT III, 600 V or higher.';
export const notVerifiedOnAKnownLive = 'Not verified on a known live source yet.';
export const verifiedOnAKnownLiveSource = (provedAt: string) =>
  `Verified on a known live source: ${provedAt}.`;
export const verifiedJustNow = 'Verified just now';
export const remove = (oneName: string) => `Remove ${oneName}`;
export const removeLabel = 'Remove';
export const addAnInstrument = 'Add an instrument';
export const instrumentName = 'Instrument name';
export const type = 'Type';
export const category = 'Category';
export const ofTheReading = '% of the reading';
export const andDigits = 'and digits';
export const atLeastLabel = 'at least';
export const add = 'Add';
export const temperatures = 'Temperatures';
export const lengths = 'Lengths';
export const dates = 'Dates';
export const nov2026 = '3 Nov 2026';
export const nov32026 = 'Nov 3, 2026';
export const times = 'Times';
export const pm = '7:05 PM';
export const theme = 'Theme';
export const sameAsThisDevice = 'same as this device';
export const howACircuitSLoadIs = 'How a circuit’s load is calculated';
export const theSplitRuleIsTheDefault =
  'The split rule is the default because it is the code’s own (NEC 210.20). The flat rule leaves more margin and is simpler to explain.';
export const ofContinuousLoadPlusTheRest = '125% of continuous load, plus the rest (default)';
export const totalLoadWithin80OfThe = 'total load within 80% of the rating';
export const resetsIntoASuspectedShort = 'Resets into a suspected short circuit before stopping';
export const defaultOneEveryTripOnA = 'Default: one. Every trip on a short circuit pits the contacts.';
export const otherResetsBeforeStopping = 'Other resets before stopping';
export const defaultTwoMostFailedResetsWere = 'Default: two. Most failed resets were never pushed fully off.';
export const breakersThatHaveClearedAShort = 'Breakers that have cleared a short circuit';
export const defaultReplaceOnSignsOfWear =
  'Default: replace on signs of wear, or after the second short circuit. A breaker is built and tested to clear one, and each one burns its contacts.';
export const replaceOnSignsOfWearOr = 'replace on signs of wear, or after the second (default)';
export const afterEachClearedShortCircuit = 'after each cleared short circuit';
export const onlyOnSignsOfWear = 'only on signs of wear';
export const startingLikelihoodOfEachCause = 'Starting likelihood of each cause';
export const defaultIncludeConfirmedCases =
  'Default: include confirmed cases. They change the table slowly, and danger signs never count for less.';
export const tablePlusConfirmedCasesDefault = 'table plus confirmed cases (default)';
export const tableOnly = 'table only';
export const settingsPhylaxon = 'Settings · Phylaxon';
export const settings = 'Settings';
export const storedWithTheRecordForEveryone =
  'Stored with the record, for everyone who uses it. The role (homeowner or electrician) is chosen above and stored in this browser.';
export const saved = '✓ Saved.';
export const unitsAndFormats = 'Units and formats';
export const whereTradePracticeDiffers = 'Where trade practice differs';
export const learningFromEarlierCases = 'Learning from earlier cases';
export const howCasesTurnedOut = 'How cases turned out';
export const keyboardShortcuts = 'Keyboard shortcuts';
export const usualValue = (words: string, usual: number) => `${words} (usual: ${usual})`;
export const printedPages = 'Printed pages';
export const letterPaper = 'Letter (8.5 × 11 in)';
export const a4Paper = 'A4 (210 × 297 mm)';
export const account = 'Account';
export const accountsAreOff = 'Accounts are off: only this computer can reach the record.';
export const signedInAs = (name: string, role: string) => `Signed in as ${name} (${role}).`;
export const accountsAndActivity = 'Accounts and activity';
export const signOut = 'Sign out';
