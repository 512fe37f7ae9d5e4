export * from './months.ts';
