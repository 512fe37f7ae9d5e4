export * from './actions.ts';
export * from './tests.ts';
export * from './words.ts';
export * from './causeWords.ts';
export * from './thresholds.ts';
