export * from './schema.ts';
export * from './sayConductor.ts';
export * from './ampacity.ts';
export * from './breakerLimits.ts';
export * from './demand.ts';
export * from './voltageDrop.ts';
export { sizing } from './sizing.ts';
