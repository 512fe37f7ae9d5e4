import type { ReactNode } from 'react';
import { rich } from '../../shared/rich/index.ts';

export const criticalLoads = 'Critical loads';
export const whichLoadsAreCritical = 'Which loads are critical?';
export const askThePeopleWhoLiveOr =
  'Ask the people who live or work here: medical devices, alarms, servers, a freezer in summer. These circuits come last, together.';
export const notNamed = 'not named';
export const onRecord = 'On record';
export const noCriticalLoadsHere = 'No critical loads here';
export const last = (saidCount: string) => `${saidCount} last`;
export const thisOneComes = 'This one comes';
export const theseCome = (saidCount: number) => `These ${saidCount} come`;
export const customDates = (name: ReactNode) => rich`Custom dates${name}`;
export const forLabel = (name: string) => `for: ${name}`;
export const intervalMonths = 'Interval, months';
export const nextDueDateOptional = 'Next due date (optional)';
export const saved = 'Saved';
export const saveDates = 'Save dates';
export const backToTheUsualDates = 'Back to the usual dates';
export const useTheUsualDates = 'Use the usual dates';
export const enterAWholeNumberOfMonths = (dutyMostMonths: number) =>
  `Enter a whole number of months from 1 to ${dutyMostMonths}.`;
export const maintenanceTask = 'Maintenance task';
export const noCriticalLoadsInThisTask = 'No critical loads in this task.';
export const criticalLoadsComeLast = 'Critical loads come last.';
export const changeCriticalLoads = 'Change critical loads';
export const criticalLoadsLast = 'Critical loads, last';
export const theseAreCriticalLoadsContinue =
  'These are critical loads. Continue only when the people who need them agree.';
export const stopHereOfDone = (knownCount: number, thingsCount: number) =>
  `Stop here: ${knownCount} of ${thingsCount} done`;
export const allDone = (amissCount: string) => `All done${amissCount}`;
export const needAttention = (amissCount: number) => `, ${amissCount} need attention`;
export const stopForNow = 'Stop for now';
export const leaveItAsItIsAnd = (span: ReactNode, link: ReactNode) =>
  rich`${span}Leave it as it is and do not force it. ${link}`;
export const seeTheDecision = 'See the decision';
export const panel = 'Panel';
export const maintenance = 'Maintenance';
export const aBreakerThatIsNeverOperated =
  'A breaker that is never operated may fail to trip. Exercise the breakers each time the clocks change. Press the test buttons monthly.';
export const doNotExerciseBreakersInThis =
  'Do not exercise breakers in this panel until the hazard is repaired.';
export const whenTheClocksChange = ', when the clocks change';
export const byYourCustomDates = ', by your custom dates';
export const maintenanceDue = 'Maintenance due';
export const due = '▸ Due';
export const next = 'Next';
export const nowNoRecordOfIt = 'now (no record of it)';
export const lastAt = (lastAt: string) => `, last ${lastAt}`;
export const start = (name: string) => `Start: ${name}`;
export const startLabel = 'Start';
export const workForAQualifiedElectrician = 'Work for a qualified electrician.';
export const addToCalendarIcs = 'Add to calendar (ICS)';
export const toSubscribe = (href: ReactNode) => rich`To subscribe: ${href}`;
export const completedMaintenance = 'Completed maintenance';
export const normal = (count: number) => `✓ ${count} normal`;
export const ofNeedAttention = (amiss: number, count: number) => `✕ ${amiss} of ${count} need attention`;
export const maintenanceDueByBreaker = 'maintenance that is due';
export const dueNow = 'due';
