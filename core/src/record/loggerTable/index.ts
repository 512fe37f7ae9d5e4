export * from './times.ts';
export * from './columns.ts';
export * from './loggerTable.ts';
