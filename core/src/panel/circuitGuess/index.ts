export * from './schema.ts';
export { ERA_SHARE, FUEL_SHARE, KIND_CHANCES, type Era, type Fuel } from './features.ts';
export { CIRCUIT_USES, CIRCUIT_USE_IDS, type CircuitUse, type CircuitUseId } from './uses.ts';
export { useNamed } from './useNames.ts';
export { circuitGuess } from './circuitGuess.ts';
