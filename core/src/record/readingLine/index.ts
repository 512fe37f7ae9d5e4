export * from './schema.ts';
export { readingLine } from './readingLine.ts';
export { sayEntries } from './sayEntries.ts';
