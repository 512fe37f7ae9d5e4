export * from './builders.ts';
export * from './placements.ts';
export * from './trialRecords.ts';
export * from './runs.ts';
export * from './visits.ts';
export * from './histories.ts';
export * from './caseRecords.ts';
export * from './reports.ts';
