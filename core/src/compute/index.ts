export * from './registry.ts';
