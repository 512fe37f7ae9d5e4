export * from './schema.ts';
export { secondSource } from './secondSource.ts';
