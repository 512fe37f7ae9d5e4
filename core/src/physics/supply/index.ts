export * from './supplyCheck.ts';
