export * from './breakers.ts';
export * from './circuits.ts';
export * from './directory.ts';
export * from './files.ts';
export * from './log.ts';
export * from './panels.ts';
export * from './rowsToRecord.ts';
export * from './sites.ts';
