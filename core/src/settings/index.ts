export * from './schools.ts';
export * from './settings.ts';
