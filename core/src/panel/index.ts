export * from './layout.ts';
export * from './placement.ts';
