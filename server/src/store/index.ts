export { among } from './among.ts';
export * from './entities.ts';
export { insertMany } from './insertMany.ts';
export * from './rows.ts';
export * from './recordFile.ts';
export { SafeDatabase } from './safeDatabase.ts';
export { Store } from './store.ts';
export * from './storeError.ts';
export * from './unfinishedVisits.ts';
