export * from './common.ts';
export * from './site.ts';
export * from './circuit.ts';
export * from './entries.ts';
export * from './inspections.ts';
export * from './tripPace.ts';
export * from './curve.ts';
export * from './case.ts';
