export * from './boardDrawing.ts';
export * from './figureBar.ts';
export * from './locator.ts';
export type { DrawnAt } from './panelDrawing.ts';
