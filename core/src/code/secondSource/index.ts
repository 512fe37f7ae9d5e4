export * from './schema.ts';
export { secondSource } from './secondSource.ts';
export { busRuleLines } from './ruleLines.ts';
