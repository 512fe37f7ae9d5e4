export * from './redecide.ts';
export * from './decidingRecord.ts';
