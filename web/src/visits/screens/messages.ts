import type { ReactNode } from 'react';
import { rich } from '../../shared/rich/index.ts';

export const knownLiveSource = 'Known live source';
export const torqueYouSet = 'Torque you set';
export const inUnit = (label: string, unit: string) => `${label} (${unit})`;
export const enterTheReading = 'Enter the reading.';
export const chooseWhatYouFound = 'Choose what you found.';
export const readings = 'Readings';
export const to = (to: string) => `To ${to}`;
export const deadAt = (figure: string) => `✓ ${figure}: dead`;
export const pole = 'Pole';
export const poleTo = (pole: number, to: string) => `Pole ${pole} to ${to}`;
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
export const lineSideLive = 'LINE SIDE: LIVE';
export const loadSideOfMain = (id: ReactNode, main: ReactNode) => rich`${id}load side of main${main}`;
export const dead = ': dead';
export const spaceDead = (space: number) => `${space} dead`;
export const theLineSideOfTheMain = (off: string, isCut: ReactNode) =>
  rich`The line side of the main stays energized with every handle off. De-energized at ${off}.${isCut}`;
export const onlyTheSpacesAroundTheWork = ' Only the spaces around the work are shown.';
export const numbered = (number: number) => `${number}.`;
export const reportAProblem = 'Report a problem';
