export * from './backups.ts';
export * from './policies.ts';
export * from './settings.ts';
