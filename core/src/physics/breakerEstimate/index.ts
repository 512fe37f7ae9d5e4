export * from './schema.ts';
export { beliefFrom, conclude, effectiveRating, type Belief } from './effectiveRating.ts';
export { PRIOR_SHARE } from './grid.ts';
export { NOTES } from './likelihood.ts';
export * from './tripRecord.ts';
export * from './predict.ts';
export * from './trialToSettle.ts';
