export * from './pathState.ts';
export * from './readings.ts';
export type { ReadingContext, ReadingOdds } from './readingContext.ts';
