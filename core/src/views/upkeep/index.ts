export * from './upkeep.ts';
export * from './schema.ts';
export * from './dueDuties.ts';
export * from './whereItIs.ts';
