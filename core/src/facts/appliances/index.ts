export * from './appliances.ts';
