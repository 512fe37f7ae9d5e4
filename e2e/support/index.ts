export * from './site.ts';
