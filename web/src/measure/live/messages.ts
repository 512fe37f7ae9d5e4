import type { ReactNode } from 'react';
import { rich } from '../../shared/rich/index.ts';

export const orWhicheverIsGreater = (least: number, unit: string, percent: number) =>
  `± ${least} ${unit} or ${percent}%, whichever is greater`;
export const digitsOf = (percent: number, digits: number, resolution: number, unit: string) =>
  `± (${percent}% + ${digits} digits of ${resolution} ${unit})`;
export const instrumentsPurposeAndAccuracy = 'Instruments: purpose and accuracy';
export const to = (from: number, to: number, quantity: string, reads: string) =>
  `${from} to ${to} ${quantity}, ${reads}`;
export const atAPanel = (category: string) => `At a panel: ${category}.`;
export const aZeroReadingCountsAsDe =
  'A zero reading counts as de-energized only if the meter was verified on a known live source before and after.';
export const neverUseItToVerifyAbsence = 'Never use it to verify absence of voltage.';
export const powerAtThePlugInMeter = 'Power at the plug-in meter';
export const held = ', held';
export const minMax = (least: string, most: string) => `min ${least} · max ${most}`;
export const clear = 'Clear';
export const hold = 'Hold';
export const releaseHold = 'Release hold';
export const zero = 'Zero';
export const zeroedAtUndo = (zero: string) => `Zeroed at ${zero}: undo`;
export const noDataForSCheckThat = (silentSeconds: number) =>
  `No data for ${silentSeconds} s. Check that the device is still sending.`;
export const circuitNotNamed = 'Circuit not named';
export const liveMetersPhylaxon = 'Live meters · Phylaxon';
export const liveMeters = 'Live meters';
export const noConnectionToTheServerNo =
  'No connection to the server. No readings are arriving. Trying again.';
export const liveReadings = 'Live readings';
export const backTo = (where: ReactNode) => rich`Back to ${where}`;
export const setUpAPanelFirstReadings =
  'Set up a panel first. Readings are saved to the log of one of its breakers.';
export const panel = 'Panel';
export const measuringPoint = 'Measuring point';
export const chooseABreaker = 'Choose a breaker';
export const noDeviceIsSendingYet = 'No device is sending yet';
export const anyMeterThatAComputerCan =
  'Any meter that a computer can read can send here, one reading per line. To try it without a meter, start the simulated meters:';
export const npmRunSimulateMeters = 'npm run simulate:meters';
export const docsInstrumentsMdExplainsHowTo = 'docs/INSTRUMENTS.md explains how to send from a script.';
export const loadsOn = 'Loads on';
export const loadsOnOf = (simulatedMark: ReactNode) => rich`Loads on ${simulatedMark}`;
export const noLoadsAreListedForThis =
  'No loads are listed for this circuit, so there is nothing to turn on.';
export const chooseABreakerToSaveReadings = 'Choose a breaker to save readings to its log.';
export const fromTheFeed = (feed: string) => `From the feed “${feed}”`;
export const ambientTemperature = (temperatureUnit: string) => `Ambient temperature (${temperatureUnit})`;
export const logged = (figure: string) => `${figure} logged`;
export const keptUntilTheServerAnswers = (figure: string) => `${figure} kept until the server answers`;
export const save = (figure: string) => `Save ${figure}`;
