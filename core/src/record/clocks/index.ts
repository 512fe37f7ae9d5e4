export * from './clocks.ts';
export * from './serverClock.ts';
