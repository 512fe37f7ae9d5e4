export * from './schema.ts';
export * from './project.ts';
