export * from './schema.ts';
export { legBalance } from './legBalance.ts';
