export * from './random.ts';
