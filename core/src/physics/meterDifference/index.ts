export * from './schema.ts';
export { meterDifference, meterWatts } from './meterDifference.ts';
export { POWER_FACTORS } from './meterErrors.ts';
