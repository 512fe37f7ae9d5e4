import type { ReactNode } from 'react';
import { rich } from '../../shared/rich/index.ts';

export const scan = 'Scan';
export const measureTheHottestSpotOfEach =
  'Measure the hottest spot of each terminal from close by: an infrared thermometer sees a spot one twelfth of its distance wide. Bare metal reads too cold: aim at the insulation or the breaker next to it. Press Enter to go to the next place.';
export const ambientInFrontOfThePanel = (temperatureUnit: string) =>
  `Ambient in front of the panel, ${temperatureUnit}`;
export const terminal = (name: string, temperatureUnit: string) => `${name}: terminal, ${temperatureUnit}`;
export const clampedCurrentA = (name: string) => `${name}: clamped current, A`;
export const enterTheAmbientTemperature = 'Enter the ambient temperature. Every rise is measured from it.';
export const beforeTheCoverGoesBackOn = 'Before the cover goes back on';
export const noReadingNeedsToBeRepeated = 'No reading needs to be repeated so far.';
export const measureItOnceMoreAndCheck = (
  mark: ReactNode,
  board: ReactNode,
  surfaceC: string,
  amps: ReactNode,
  isClamped: string,
) =>
  rich`${mark}${board}: ${surfaceC}${amps}. Measure it once more${isClamped}, and check its color and its insulation.`;
export const at = (amps: string, isClamped: string) => ` at ${amps}${isClamped}`;
export const byItsListedLoads = ' by its listed loads';
export const clampItsCurrent = ', clamp its current';
export const belowOfTheRatingThereIs = (leastShareToJudge: number, join: string) =>
  `Below ${leastShareToJudge}% of the rating there is too little load to judge a connection: ${join}. Idle breakers are the reference.`;
export const quietNoSmell = 'Quiet, no smell';
export const itSizzlesOrCrackles = 'It sizzles or crackles';
export const itSmellsLikeHotPlastic = 'It smells like hot plastic';
export const soundsAndSmells = 'Sounds and smells';
export const standStillWhatDoYouHear = 'Stand still. What do you hear and smell?';
export const onRecord = 'On record';
export const savedAllDecisionsAreUpdated = '✓ Saved. All decisions are updated.';
export const waitingForTheServer = 'Waiting for the server.';
export const saveTheScan = 'Save the scan';
export const log1Place = 'Log 1 place';
export const logAllPlaces = (measuredCount: number) => `Log all ${measuredCount} places`;
export const goToTheBoard = 'Go to the board';
export const panelEvaluation = 'Panel evaluation';
export const panel = 'Panel';
export const loadTestAndScan = 'Load test and scan';
export const turnOn = '1 Turn on';
export const loadTest = '2 Load test';
export const scanStep = '3 Scan';
export const doNotLoadThisPanelUntil = 'Do not load this panel until the hazard is repaired.';
export const doNotLoadThisPanelThe = 'Do not load this panel: the finding is dangerous as it is.';
export const seeTheFindingAndWhatTo = 'See the finding and what to do';
export const startOver = 'Start over';
export const turnOnLabel = 'Turn on';
export const aBadConnectionHeatsUpOnly =
  'A bad connection heats up only under load. Keep the panel cover closed. Turn on these appliances in this order: the largest first, always on the leg with less current.';
export const leg = (leg: string, leg2: ReactNode, main: ReactNode) => rich`Leg ${leg} ${leg2}${main}`;
export const of = (main: string) => `of ${main}`;
export const noLoadsAreListedForThis = 'No loads are listed for this panel’s circuits.';
export const turnOnEveryApplianceYouCan =
  'Turn on every appliance you can find. If you list the loads of each circuit first, this page gives the order and the current on each leg.';
export const leaveTheseOffAHazardIs = 'Leave these off: a hazard is still open.';
export const leaveTheseOff = 'Leave these off';
export const withTheOtherLoadsOnIt = 'with the other loads on, it would exceed its breaker rating';
export const theLegWouldCarryMoreThan = (continuousShare: number) =>
  `the leg would carry more than ${continuousShare}% of the main rating`;
export const allLoadsAreOnStartThe = 'All loads are on: start the timer';
export const loadTestLabel = 'Load test';
export const timeLeft = 'Time left';
export const keepEverythingOnTheTimerKeeps =
  'Keep everything on. The timer keeps running while you are away.';
export const theLoadTestIsDoneScan = 'The load test is done. Scan now, with everything still on.';
export const minutesThreeTimeConstantsOfThe = (
  minutes: number,
  byRatingAmps: string,
  loadTestMinutes: number,
) =>
  `${minutes} minutes: three time constants of the slowest breaker of ${byRatingAmps} (UL 489 type calibration), and at least ${loadTestMinutes} minutes.`;
export const listenAndSmellAtTheClosed =
  'Listen and smell at the closed panel. Stop the test if anything sizzles or smells of hot plastic.';
export const theScanNeedsTheCoverOff = 'The scan needs the cover off with the panel energized.';
export const measuringOnEnergizedPartsIs =
  'Measuring on energized parts is diagnostic work for qualified people: voltage-rated gloves with leather protectors, arc-rated or non-melting clothing, face shield, nobody within 3 ft (1 m). Do not tighten, move or change anything.';
export const scanNowAnyway = 'Scan now anyway';
export const theScanIsWorkForA = 'The scan is work for a qualified electrician, because the cover comes off.';
export const haveAnElectricianPresentWhen =
  'Have an electrician present when the timer ends, or repeat the load test when one is there.';
export const thisIsNotANumber = 'This is not a number.';
export const currentWithEverythingOn = 'current with everything on';
export const cool = 'cool';
export const watch = 'watch';
export const repair = 'repair';
export const urgent = 'urgent';
