export * from './clocks.ts';
