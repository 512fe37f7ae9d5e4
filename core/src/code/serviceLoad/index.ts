export * from './schema.ts';
export { serviceLoad } from './serviceLoad.ts';
