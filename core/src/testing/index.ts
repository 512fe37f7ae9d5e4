export * from './builders.ts';
export * from './placements.ts';
export * from './trialRecords.ts';
