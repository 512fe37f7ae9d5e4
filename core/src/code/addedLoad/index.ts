export * from './schema.ts';
export { addedLoad, checkNodes } from './addedLoad.ts';
