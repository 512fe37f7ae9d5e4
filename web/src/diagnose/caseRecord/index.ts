export * from './step.ts';
export * from './useCaseRecord.ts';
