export * from './months.ts';
export * from './clockChanges.ts';
export * from './isTimeZone.ts';
export * from './timeIn.ts';
export * from './wallClock.ts';
