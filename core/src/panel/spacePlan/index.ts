export * from './limits.ts';
export * from './schema.ts';
export { spacePlan } from './spacePlan.ts';
