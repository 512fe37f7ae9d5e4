export * from './signs.ts';
export * from './causeFacts.ts';
export * from './likelihood.ts';
export * from './prior.ts';
export * from './testResult.ts';
export * from './posterior.ts';
export * from './learned.ts';
