export * from './useComputation.ts';
export * from './useChance.ts';
