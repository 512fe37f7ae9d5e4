export * from './schema.ts';
export * from './sag.ts';
