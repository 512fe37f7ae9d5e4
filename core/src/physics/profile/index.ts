export * from './schema.ts';
export { currentOf, drawProfile, opensAfter, type DrawnStretch, type Unit } from './runProfile.ts';
export { soundUnits, thisUnit, type DrawUnit } from './units.ts';
export * from './tripChance.ts';
export * from './profileTimes.ts';
