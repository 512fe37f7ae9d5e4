export * from './decision.ts';
export { decide } from './decide.ts';
export { CAUTIONS } from './cautions.ts';
