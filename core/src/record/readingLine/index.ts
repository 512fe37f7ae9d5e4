export * from './schema.ts';
export { readingLine } from './readingLine.ts';
export { sayEntries } from './sayEntries.ts';
export * from './toRecord.ts';
export { unlikely } from './unlikely.ts';
