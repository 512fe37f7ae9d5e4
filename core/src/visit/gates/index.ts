export * from './schema.ts';
export { visit } from './visit.ts';
