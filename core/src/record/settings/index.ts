export * from './backups.ts';
export * from './instruments.ts';
export * from './policies.ts';
export * from './settings.ts';
