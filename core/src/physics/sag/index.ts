export * from './schema.ts';
export * from './sag.ts';
export * from './jointSearch.ts';
