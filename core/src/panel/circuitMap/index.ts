export * from './mapChecks.ts';
export * from './schema.ts';
export { circuitMap, circuitMapRead } from './circuitMap.ts';
