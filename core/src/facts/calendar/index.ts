export * from './months.ts';
export * from './wallClock.ts';
