export * from './calculator.ts';
export { CALCULATORS } from './list.ts';
