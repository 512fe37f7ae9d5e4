export { heatPictureOf, plantedPicture, plantedSpots } from './heatPicture.ts';
export { type LiveCircuit, liveCircuit, liveFigures } from './liveMeters.ts';
export { type LoggedCircuit, type TrueEvent, loggedCircuit, surgeAt } from './loggedCircuit.ts';
export { PANEL_STATES, type PanelState, simulatedPanel } from './simulatedPanel.ts';
export { VISIT_FAULTS, type VisitFault, visitAnswer } from './visitHouse.ts';
