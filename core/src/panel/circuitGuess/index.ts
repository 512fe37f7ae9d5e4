export * from './schema.ts';
export { CIRCUIT_USES, CIRCUIT_USE_IDS, type CircuitUseId } from './uses.ts';
export { ERAS, PATTERNS, type Era, type Pattern } from './features.ts';
export { circuitGuess } from './circuitGuess.ts';
export { drawHouse, type DrawnHouse } from './drawHouse.ts';
