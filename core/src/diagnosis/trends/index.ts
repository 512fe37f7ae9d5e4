export * from './schema.ts';
export * from './warming.ts';
export * from './openingSooner.ts';
export * from './legGrowth.ts';
