export { FORMULA_START } from './cells.ts';
export * from './directoryCsv.ts';
export * from './readingsCsv.ts';
export * from './benchCsv.ts';
