export * from './upkeep.ts';
export * from './schema.ts';
