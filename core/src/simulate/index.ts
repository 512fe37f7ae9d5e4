export * from './house.ts';
export { solveNetwork, STRAY_CONDUCTANCE, type Branch, type Solved } from './network.ts';
export { energised, type Extra, type Live } from './wiring.ts';
export { heatOf, type Heat } from './heat.ts';
export { switchOn, withHandleOn, type SwitchingOn } from './switchOn.ts';
export { soundHouse } from './soundHouse.ts';
export { faultyHouse } from './faults.ts';
export { PAIRS, twoFaults, type Pair } from './twoFaults.ts';
export { simulatedCase } from './drawCase.ts';
export { readAmps, readHeat, readVolts, type Point } from './instruments.ts';
export { dangersOf, isHazardous } from './dangers.ts';
export { perform } from './perform.ts';
export { meterFigures, type MeterFigure } from './meters.ts';
export {
  standIn,
  standInTrial,
  type StandInAnswer,
  type StandInCase,
  type StandInQuestion,
  type StandInTrial,
} from './standIn.ts';
export { type SimulatedCase } from './simulatedCase.ts';
export * from './jointRun.ts';
export * from './liveMeters.ts';
export { loggedCircuit, type GivenCircuit, type LoggedCircuit, type TrueEvent } from './loggedCircuit.ts';
export * from './eventScore.ts';
export { PANEL_STATES, simulatedPanel, type PanelState } from './simulatedPanel.ts';
export {
  heatPictureOf,
  plantedPicture,
  plantedSpots,
  type HeatScene,
  type PlantedPicture,
} from './heatPicture.ts';
export { VISIT_FAULTS, visitAnswer, type VisitFault, type VisitHouse } from './visitHouse.ts';
export * from './mappedHouse.ts';
