export * from './directoryCsv.ts';
export * from './readingsCsv.ts';
