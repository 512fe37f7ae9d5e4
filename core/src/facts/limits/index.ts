export * from './voltage.ts';
export * from './heat.ts';
export * from './load.ts';
export * from './connection.ts';
export * from './time.ts';
