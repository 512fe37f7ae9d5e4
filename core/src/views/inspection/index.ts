export * from './findings.ts';
export * from './knownResults.ts';
export * from './schema.ts';
export * from './stationItems.ts';
