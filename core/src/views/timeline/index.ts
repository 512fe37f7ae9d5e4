export * from './schema.ts';
