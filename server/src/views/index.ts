export * from './views.ts';
