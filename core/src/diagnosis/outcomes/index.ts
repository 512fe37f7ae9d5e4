export * from './schema.ts';
export { judge } from './judge.ts';
export { outcomesOf } from './outcomesOf.ts';
export { sureRange } from './sureRange.ts';
