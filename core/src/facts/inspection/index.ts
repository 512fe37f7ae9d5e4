export * from './items.ts';
export * from './words.ts';
