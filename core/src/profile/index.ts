export * from './schema.ts';
export * from './loadClock.ts';
export * from './runProfile.ts';
export * from './units.ts';
export * from './tripChance.ts';
export * from './profileTimes.ts';
