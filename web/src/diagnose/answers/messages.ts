import type { ReactNode } from 'react';
import { rich } from '../../shared/rich/index.ts';

export const enterTheMeterReading = 'Enter the meter reading.';
export const save = 'Save';
export const pushLightlyWithOneFingerToward = (to: string) =>
  `Push lightly with one finger toward off: ${to}.`;
export const pushFullyOffUntilItClicks = (to: string) => `Push fully off, ${to}, until it clicks.`;
export const thenPushOnUntilItClicks = (to: string) => `Then push on, ${to}, until it clicks.`;
export const panelAsMountedNumber1 = (place: string) => `Panel as mounted. Number 1: ${place}.`;
export const numberInTheDrawing = (strong: ReactNode, place: string, note: string) =>
  rich`Number ${strong} in the drawing: ${place}.${note}`;
export const usesSimulatedAnswersThisIsA = (strong: ReactNode) =>
  rich`${strong} uses simulated answers. This is a demo site.`;
export const simulatedAnswers = 'Simulated answers:';
export const severalStepsLeft = 'several steps left';
export const aboutStepsIncludingThisOne = (left: string | undefined) =>
  `about ${left} steps, including this one`;
export const nextStep = 'Next step';
export const next = (left: ReactNode) => rich`Next${left}`;
export const selectTheLoadsThatWereOn = 'Select the loads that were on, or enter the current.';
export const enterHowLongTheyRan = 'Enter how long they ran.';
export const totalCurrent = 'Total current';
export const forMinutes = 'For minutes';
export const andSeconds = 'and seconds';
export const whatWasRunning = 'What was running?';
export const at = (current: string, window: string) => `At ${current} ${window}.`;
export const everythingUnplugWhatIsPlugged =
  'Everything: unplug what is plugged in, and turn off what is hardwired.';
export const unplugOrTurnOff = 'Unplug or turn off';
export const anythingElseOnThisCircuit = 'Anything else on this circuit';
export const everythingIsUnpluggedOrOff = '✓ Everything is unplugged or off';
export const atTheOutlet = 'At the outlet';
export const loadTerminalToNeutral = 'Load terminal to neutral';
export const secondPoleToNeutral = 'Second pole to neutral';
export const legAToNeutral = 'Leg A to neutral';
export const legBToNeutral = 'Leg B to neutral';
export const legToLeg = 'Leg to leg';
export const voltageDropAcrossTheClosed = 'Voltage drop across the closed breaker';
export const plugInMeter = 'Plug-in meter';
export const onItsConductor = 'On its conductor';
export const loadAndTimeAreKnown = 'Load and time are known';
