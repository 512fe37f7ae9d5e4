export * from './useComputation.ts';
