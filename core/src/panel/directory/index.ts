export * from './parseDirectory.ts';
export * from './parseLine.ts';
export * from './schema.ts';
