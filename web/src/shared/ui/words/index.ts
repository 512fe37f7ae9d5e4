export * from './breakerWords.ts';
export * from './capital.ts';
export * from './familyWords.ts';
export * from './inUnit.ts';
export * from './units.ts';
