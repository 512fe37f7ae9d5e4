export * from './schema.ts';
export { findingsOf, restsOnHeat, type ReportedBreaker } from './findings.ts';
export * from './reportOf.ts';
export * from './urgency.ts';
export * from './blocks.ts';
