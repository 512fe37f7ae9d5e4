export * from './builders.ts';
