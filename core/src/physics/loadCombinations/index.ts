export * from './schema.ts';
export * from './loadCombinations.ts';
