export * from './findings.ts';
export * from './inspectedBreakers.ts';
export * from './knownResults.ts';
export * from './protectionToday.ts';
export * from './schema.ts';
export * from './stationItems.ts';
