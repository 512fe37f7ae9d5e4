export * from './schema.ts';
export * from './together.ts';
