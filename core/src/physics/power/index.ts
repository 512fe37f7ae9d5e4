export * from './schema.ts';
export * from './apparentPower.ts';
