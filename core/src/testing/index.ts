export * from './builders.ts';
export * from './placements.ts';
