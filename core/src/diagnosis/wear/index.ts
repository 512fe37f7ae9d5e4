export * from './wear.ts';
