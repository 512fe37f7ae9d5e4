export * from './axis.ts';
export * from './neutral.ts';
export * from './roundTicks.ts';
