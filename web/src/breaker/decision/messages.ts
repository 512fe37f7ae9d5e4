import type { ReactNode } from 'react';
import { rich } from '../../shared/rich/index.ts';

export const phylaxonAdvisesLocalCodesAnd = 'Phylaxon advises. Local codes and licensed practice decide.';
export const coolingDown = 'Cooling down';
export const canBeReset = 'Can be reset';
export const fullyCool = 'Fully cool';
export const untilTheBreakerIsFullyCool = (own: string) =>
  `${own} Until the breaker is fully cool it trips sooner, and a trip says less about its condition.`;
export const basedOnThisBreakerSOwn = 'Based on this breaker’s own record, with a margin.';
export const basedOnTheSlowestSoundBreaker = 'Based on the slowest sound breaker of this rating.';
export const theBreakerHasCooledEnoughTo = 'The breaker has cooled enough to latch.';
export const decision = 'Decision';
export const reason = 'Reason';
export const nextTest = 'Next test';
export const testsThatWouldConfirmIt = 'Tests that would confirm it';
export const figuresAndFurtherReasons = 'Figures and further reasons';
export const theFigures = 'The figures';
export const possibleCauses = 'Possible causes';
export const afterThePanelIsSafe = 'After the panel is safe';
export const alsoFound = 'Also found';
export const whatWouldChangeThisDecision = 'What would change this decision';
export const doNow = 'Do now';
export const thisIsWorkForAQualified =
  'This is work for a qualified electrician. Leave the cover closed and show the electrician this page.';
export const beforeTheCoverComesOff = 'Before the cover comes off';
export const untilItIsRepaired = 'Until it is repaired';
export const ifYouWait = 'If you wait:';
export const foundAtThisPanel = 'Found at this panel';
export const energizedPartsQualifiedPersons = 'Energized parts: qualified persons with PPE only.';
export const forAnElectricianThisIsBehind = 'For an electrician: this is behind the cover.';
export const logReading = (testName: string) => `Log reading: ${testName}`;
export const logReadingLabel = 'Log reading';
export const ifLabel = (join: string, headline: ReactNode) => rich`If ${join}: ${headline}`;
export const supportsThis = 'supports this';
export const mainReason = 'main reason';
export const noFiguresSeenOrReported = 'No figures: seen or reported.';
export const stop = 'Stop';
export const stopTitle = 'Stop.';
export const details = 'Details';
export const ofDecisionsLikeThis = (sure: string, right: number) =>
  `${sure} means that of 100 decisions with evidence like this, about ${right} are right.`;
