export * from './schema.ts';
export { backup } from './backup.ts';
