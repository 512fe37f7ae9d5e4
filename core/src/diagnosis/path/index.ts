export * from './pathState.ts';
export * from './readings.ts';
