export * from './schema.ts';
export { mainCurrents } from './mainCurrents.ts';
