export * from './roles.ts';
export * from './schema.ts';
