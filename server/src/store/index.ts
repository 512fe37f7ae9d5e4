export * from './entities.ts';
export * from './rows.ts';
export { SafeDatabase } from './safeDatabase.ts';
export { Store } from './store.ts';
