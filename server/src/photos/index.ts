export * from './photoFolder.ts';
