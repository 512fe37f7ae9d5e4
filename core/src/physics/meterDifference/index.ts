export * from './schema.ts';
export { meterDifference, meterWatts } from './meterDifference.ts';
