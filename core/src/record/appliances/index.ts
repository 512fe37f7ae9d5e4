export * from './measuredLoad.ts';
export * from './unknownLoad.ts';
