export * from './cause.ts';
