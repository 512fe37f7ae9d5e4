export * from './standardRatings.ts';
export * from './ampacity.ts';
export * from './thermalTrip.ts';
export * from './heatLimits.ts';
export * from './citations.ts';
