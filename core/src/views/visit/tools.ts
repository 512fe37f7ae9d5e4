import { taskKind, type VisitTask } from '../../visit/work/index.ts';
import * as messages from './messages.ts';

/** Screws of panels have heads of their own. */
const ALWAYS = [
  messages.contactMeterCatIii600V,
  messages.lockDangerTagAndLockoutDevice,
  messages.voltageRatedGlovesWithLeather,
  messages.aLightThatIsNotFed,
  messages.screwdriverThatFitsTheCover,
  messages.torqueScrewdriverWithSquare,
  messages.tapeMarkerAndACamera,
] as const;

/**
 * What to take along, by what is done.
 *
 * @param tasks what is done
 * @returns lines
 * @example toolsFor([])[0] // the meter
 */
export function toolsFor(tasks: readonly Pick<VisitTask, 'work' | 'conductor'>[]): string[] {
  const isWired = tasks.some(({ work }) => taskKind(work).drawing === 'installed');
  const isAluminum = tasks.some(({ conductor }) => conductor?.material === 'aluminum');
  return [
    ...ALWAYS,
    ...(isWired ? [messages.cableRipperWireStrippersSide] : [messages.wireStrippersAndSideCutters]),
    messages.listedConnectorsToSpliceThe,
    ...(isAluminum ? [messages.antioxidantCompoundForAluminum] : []),
    ...(tasks.some(({ work }) => ['moved', 'replaced'].includes(taskKind(work).drawing))
      ? [messages.fillerPlatesForOpenSlots]
      : []),
  ];
}
