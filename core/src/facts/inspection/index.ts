export * from './items.ts';
export * from './stationWords.ts';
export * from './words.ts';
