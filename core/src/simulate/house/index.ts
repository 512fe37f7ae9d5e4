export { mayCarryAmps } from './conductor.ts';
export { SIMULATED_CAUSES, faultyHouse, houseWith, withGoodBreaker } from './faults.ts';
export { type Heat, airAt, heatOf, soundContactOhms, soundJointOhms } from './heat.ts';
export { type Episode, daysBefore, patternOf, trips } from './history.ts';
export {
  type SimulatedAppliance,
  type House,
  type HouseBreaker,
  type SimulatedMoment,
  NOTHING_ON,
} from './house.ts';
export { type Branch, STRAY_CONDUCTANCE, solveNetwork } from './network.ts';
export { type Rating, between, chance, pick, soundBreaker, soundHouse } from './soundHouse.ts';
export { switchOn, withHandleOn } from './switchOn.ts';
export { type Extra, energised } from './wiring.ts';
