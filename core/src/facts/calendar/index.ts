export * from './months.ts';
export * from './clockChanges.ts';
export * from './isTimeZone.ts';
export * from './timeFormats.ts';
export * from './wallClock.ts';
