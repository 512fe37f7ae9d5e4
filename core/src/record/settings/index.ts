export * from './backups.ts';
export * from './conventions.ts';
export * from './defaults.ts';
export * from './instruments.ts';
export * from './policies.ts';
export * from './settings.ts';
