export * from './backups.ts';
export * from './schools.ts';
export * from './settings.ts';
