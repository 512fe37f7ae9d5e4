export * from './boardLayer.ts';
export * from './jobs.ts';
export * from './lastPanel.ts';
export * from './shortcuts.ts';
export * from './useSelectedBreaker.ts';
