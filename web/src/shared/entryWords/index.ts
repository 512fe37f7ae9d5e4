export * from './entryWords.ts';
