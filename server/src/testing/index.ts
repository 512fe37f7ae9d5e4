export * from './testApp.ts';
