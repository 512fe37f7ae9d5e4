export * from './schema.ts';
export { findingsOf, type ReportedBreaker } from './findings.ts';
export * from './reportOf.ts';
export * from './urgency.ts';
export * from './blocks.ts';
