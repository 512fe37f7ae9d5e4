import type { ReactNode } from 'react';
import { rich } from '../../shared/rich/index.ts';

export const preventiveMaintenance = 'Preventive maintenance';
export const nearItsLimit = (where: string) => `Near its limit: ${where}`;
export const maintenanceTaskIsDue = '1 maintenance task is due';
export const maintenanceTasksAreDue = (dutiesCount: number) => `${dutiesCount} maintenance tasks are due`;
export const importLabel = 'Import';
export const replaceTheExistingSite = 'Replace the existing site';
export const importAsACopy = 'Import as a copy';
export const importASiteOrAHanded = 'Import a site or a handed-over case';
export const imported = '✓ Imported';
export const isAlreadyHereReplacingIt = (here: string) =>
  `${here} is already here. Replacing it deletes the existing site and keeps the one from the file.`;
export const doNotImport = 'Don’t import';
export const theFileWasNotImported = 'The file was not imported:';
export const phylaxon = 'Phylaxon';
export const whatSTheProblem = 'What’s the problem?';
export const phylaxonHelpsYouFindOutWhy =
  'Phylaxon helps you find out why a breaker trips, is dead or is failing. It records your readings and recommends, with reasons, whether to reset, resize or replace the breaker.';
export const diagnoseAProblem = 'Diagnose a problem';
export const openCases = 'Open cases';
export const openCase = '1 open case';
export const openCasesOf = (casesCount: number) => `${casesCount} open cases`;
export const showOnlyTheNewest = 'Show only the newest';
export const showAll = (casesCount: number) => `Show all ${casesCount}`;
export const tryAgain = 'Try again';
export const setUpAPanel = 'Set up a panel';
export const setUpAPanelAtAnother = 'Set up a panel at another site';
export const resultsOfEarlierCases = 'Results of earlier cases';
export const breakers = (breakers: ReactNode, attentionCount: ReactNode) =>
  rich`${breakers} breakers${attentionCount}`;
export const attention = (attentionCount: ReactNode, attentionCount2: string) =>
  rich`${attentionCount} ${attentionCount2} attention`;
export const setUpItsFirstPanel = 'Set up its first panel';
export const whatNeedsAttention = 'What needs attention';
export const nothingNeedsAttention = 'Nothing needs attention';
export const needsAttentionMostUrgentFirst = 'Needs attention, most urgent first';
export const showOnlyTheMostUrgent = 'Show only the most urgent';
export const stop = 'Stop';
export const now = 'Now';
export const soon = 'Soon';
export const nextVisit = 'Next visit';
export const calculators = 'Calculators: trip time, wire size, voltage drop';
