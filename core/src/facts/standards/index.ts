export * from './standardRatings.ts';
export * from './ampacity.ts';
export * from './thermalTrip.ts';
export * from './citations.ts';
export * from './conductorOhms.ts';
export * from './equipmentGround.ts';
export * from './dwellingLoad.ts';
export * from './busSources.ts';
