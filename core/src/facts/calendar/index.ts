export * from './months.ts';
export * from './timeIn.ts';
export * from './wallClock.ts';
