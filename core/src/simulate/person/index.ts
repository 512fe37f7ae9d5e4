export { dangersOf, isHazardous } from './dangers.ts';
export { drawCase, simulatedCase } from './drawCase.ts';
export { meterFigures } from './meters.ts';
export { perform } from './perform.ts';
export type { SimulatedCase } from './simulatedCase.ts';
export {
  type StandInAnswer,
  type StandInCase,
  type StandInQuestion,
  type StandInTrial,
  standIn,
  standInTrial,
} from './standIn.ts';
