export * from './schema.ts';
export * from './boardMap.ts';
export * from './trueTemperature.ts';
export * from './thermalSpots.ts';
export * from './spaceTemperatures.ts';
