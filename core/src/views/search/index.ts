export * from './parseSearch.ts';
export * from './schema.ts';
