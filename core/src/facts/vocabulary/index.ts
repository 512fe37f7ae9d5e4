export * from './actions.ts';
export * from './tests.ts';
export * from './senses.ts';
export * from './complaints.ts';
export * from './words.ts';
export * from './causeWords.ts';
export * from './thresholds.ts';
export * from './spots.ts';
export { ACTION_WORDS, WATCH_IT } from './actionWords.ts';
