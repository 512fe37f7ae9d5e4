export * from './schema.ts';
export * from './effectiveRating.ts';
export * from './unitRecord.ts';
export * from './predict.ts';
export * from './trialToSettle.ts';
