export * from './schema.ts';
export { currentOf, drawProfile, opensAfter, type DrawnStretch, type BreakerElement } from './runProfile.ts';
export { soundBreakers, thisBreaker, type DrawBreaker } from './breakers.ts';
export * from './tripChance.ts';
export * from './profileTimes.ts';
