export * from './cellLook.ts';
export * from './grid.ts';
export * from './items.ts';
export * from './moves.ts';
