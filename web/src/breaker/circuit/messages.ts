import type { ReactNode } from 'react';
import { rich } from '../../shared/rich/index.ts';

export const addALoad = 'Add a load';
export const measuredWithAPlugInMeter = 'Measured with a plug-in meter';
export const addACommonAppliance = 'Add a common appliance';
export const kettlePumpCharger = 'kettle, pump, charger …';
export const appliance = 'Appliance';
export const voltsV = 'Volts (V)';
export const ampsA = 'Amps (A)';
export const wattsWIfTheMeterShows = 'Watts (W), if the meter shows them';
export const va = (voltAmperes: number) => `${voltAmperes} VA`;
export const vaError = (errorVoltAmperes: number) => `± ${errorVoltAmperes} VA`;
export const powerFactor = (toFixed: string) => `, power factor ${toFixed}`;
export const addTheMeasuredLoad = (value: string) => `Add the measured load${value}`;
export const notKnown = 'not known';
export const awg = (gauge: string) => `${gauge} AWG`;
export const nmCable = 'NM cable';
export const asSetInTheSettings = 'as set in the settings';
export const ofContinuousLoadPlusTheRest = '125% of continuous load, plus the rest';
export const totalLoadAtMostOfThe = (continuousShare: number) =>
  `total load at most ${continuousShare}% of the rating`;
export const savedTheDecisionIsUpTo = '✓ Saved. The decision is up to date.';
export const theServerIsNotAnsweringYour =
  'The server is not answering. Your entry is kept in this browser and sent as soon as it does.';
export const circuit = 'Circuit';
export const asItShouldReadInThe = 'As it should read in the directory.';
export const conductor = 'Conductor';
export const wireSize = 'Wire size';
export const conductorMaterial = 'Conductor material';
export const insulation = 'Insulation';
export const cable = 'Cable';
export const terminationTemperatureRating = 'Termination temperature rating';
export const ambientTemperature = 'Ambient temperature';
export const currentCarryingConductors = 'Current-carrying conductors';
export const oneWayLength = 'One-way length';
export const feedsGeneralPurposeOutlets = 'Feeds general-purpose outlets';
export const sharedNeutralMultiwireBranch = 'Shared neutral (multiwire branch circuit)';
export const motorCompressorNameplateAnd = 'Motor compressor nameplate and loading rule';
export const minimumCircuitAmpacity = 'Minimum circuit ampacity';
export const maximumBreakerSize = 'Maximum breaker size';
export const loadingRule = 'Loading rule';
export const saving = 'Saving …';
export const saveCircuit = 'Save circuit';
export const clampReadingAgainstListedLoads = 'Clamp reading against listed loads';
export const theClampMeterReadOnThis = (clampedAmps: ReactNode, knownAmps: ReactNode, isMore: ReactNode) =>
  rich`The clamp meter read ${clampedAmps} on this conductor. The loads listed here add up to ${knownAmps}${isMore}`;
export const aboutVaComeFromLoadsThat = (differenceAmps: ReactNode, differenceAmps2: number) =>
  rich`: ${differenceAmps} (about ${differenceAmps2} VA) come from loads that are not listed. Turn everything on, watch the clamp meter, and turn loads off one at a time until the current drops by that much.`;
export const thatIsLessThanTheListed =
  '. That is less than the listed loads: one of them was off, or a nameplate lists more than the appliance draws.';
export const loads = 'Loads';
export const aBreakerRespondsToVoltAmperes =
  'A breaker responds to volt-amperes. Where only watts are known, they are used instead. Continuous means three hours or more.';
export const load = 'Load';
export const on = 'On';
export const watts = 'Watts';
export const continuous = 'Continuous';
export const removeLoad = (i: number) => `Remove load ${i}`;
export const dutyCycleAndStartingCurrent = 'Duty cycle and starting current';
export const runsFor = 'Runs for';
export const thenOffFor = 'Then off for';
export const startingCurrent = 'Starting current';
export const startingTime = 'Starting time';
export const loading = 'Loading …';
export const thisBreakerSuitsTheCircuit = 'This breaker suits the circuit';
export const theBreakerIsTooLargeFor = 'The breaker is too large for the conductor';
export const theLoadIsTooHighFor = 'The load is too high for this breaker';
export const splitTheLoadsOntoTwoCircuits = 'Split the loads onto two circuits';
export const theLoadNeedsALargerConductor = 'The load needs a larger conductor';
export const enterTheWireSizePrintedOn =
  'Enter the wire size printed on the cable jacket. This page then compares load, conductor and breaker.';
export const demand = 'Demand';
export const conductorAmpacity = 'Conductor ampacity';
export const figuresFromNec2023Tables310 =
  'Figures from NEC 2023, Tables 310.16 and 310.15; 210.20(A), 240.4, 240.6(A).';
export const enterBothNameplateFigures = 'Enter both nameplate figures.';
export const measuredAtTheMeter = 'Measured at the utility meter';
export const howTheMeterMeasures =
  'The cover stays closed. Turn off or unplug whatever switches by itself: refrigerator, heating, cooling. Then read the utility meter three times, a minute or more each: with this circuit off, on, and off again. Turn the circuit on and off at the appliance, or at its breaker with everything on it off.';
export const utilityMeter = 'Utility meter';
export const meterKinds = { pulse: 'Blinking lamp', disk: 'Turning disk', display: 'Display of power' };
export const eachOf = { pulse: 'Wh per blink', disk: 'Wh per turn (Kh)', display: 'Smallest step (W)' };
export const whatItFeeds = 'What it feeds';
export const meteredLoads = {
  resistive: 'Heat: water heater, range, baseboard',
  motor: 'Motor: pump, compressor, fan',
  electronic: 'Electronics, LED lamps',
  unknown: 'Not known',
};
export const withItOff = (step: number) => `${step}. Circuit off`;
export const withItOn = (step: number) => `${step}. Circuit on, everything on it running`;
export const powerShown = (step: number) => `Power shown, step ${step} (W)`;
export const counted = (step: number) => `Counted, step ${step}`;
export const secondsCounted = (step: number) => `Seconds, step ${step}`;
export const tapAtABlink = 'Tap at a blink to start';
export const tapped = (count: number) => `Tap at each blink: ${count}`;
export const startAgain = 'Start again';
export const between = (low: string, high: string) => `between ${low} and ${high} in 95 of 100 cases`;
