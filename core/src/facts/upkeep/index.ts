export * from './duties.ts';
