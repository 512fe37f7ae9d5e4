export * from './schema.ts';
export * from './project.ts';
export * from './panelHazard.ts';
export * from './suspension.ts';
