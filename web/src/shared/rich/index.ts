export * from './rich.ts';
