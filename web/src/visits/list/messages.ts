import type { ReactNode } from 'react';
import { rich } from '../../shared/rich/index.ts';

export const minutesOffDefault = (minutes: number) => `Minutes off (default ${minutes})`;
export const electricianSNameForTheTag = 'Electrician’s name, for the tag';
export const phoneForTheTag = 'Phone, for the tag';
export const criticalLoadsSeparatedByCommas = 'Critical loads, separated by commas';
export const oxygenConcentratorAquarium = 'oxygen concentrator, aquarium, alarm';
export const permitNumberIfOneIsNeeded = 'Permit number, if one is needed';
export const notPartOfAVisitLike = (because: string, notHere: string) =>
  `${because} Not part of a visit like this one. ${notHere}`;
export const deEnergizedAtOffForAbout = (off: ReactNode, minutes: ReactNode) =>
  rich`De-energized at ${off}, off for about ${minutes}.`;
export const min = (minutes: number) => `${minutes} min`;
export const theUtilityPullsTheMeter = (meterPulled: string) => `${meterPulled} The utility pulls the meter.`;
export const neutralOnTheBarNoPigtail = (label: string) => `${label}: neutral on the bar, no pigtail`;
export const otherSourcesThatCouldFeedThis = 'Other sources that could feed this panel';
export const eachOneIsShutOffAnd = 'Each one is shut off and locked out before the cover comes off.';
export const timePeopleAndCriticalLoads = 'Time, people and critical loads';
export const start = 'Start';
export const theUtilityPullsTheMeterLabel = 'The utility pulls the meter';
export const planThisVisit = 'Plan this visit';
export const theSite = 'The site';
export const visits = 'Visits';
export const serviceVisitsGroupTheWorkWith =
  'Service visits group the work with the cover off, one shutdown per panel. Do the subpanels first: the rest of the building keeps its power.';
export const plannedAndPastVisits = 'Planned and past visits';
export const timesAreBasedOnHere = (visits: string) => `Times are based on ${visits} here.`;
export const oneEarlierVisit = 'one earlier visit';
export const earlierVisits = (visits: number) => `${visits} earlier visits`;
export const noTasksYetRecommended =
  'No tasks yet. Recommended replacements and planned changes appear here, ready to schedule as one visit.';
export const decided = (wanted: string) => `decided ${wanted}`;
export const taskNumber = (n: number) => `Task ${n}`;
export const workThatIsDueInItsOrder = 'work that is due, in order';
export const alsoInThisShutdown = (panel: string, tasks: string) =>
  `Also in this shutdown: ${panel} (${tasks})`;
