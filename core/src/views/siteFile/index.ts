export * from './check.ts';
export * from './schema.ts';
export * from './serialize.ts';
export * from './upgrade.ts';
