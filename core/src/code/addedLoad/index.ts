export * from './schema.ts';
export { addedLoad } from './addedLoad.ts';
