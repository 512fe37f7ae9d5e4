export * from './redecide.ts';
