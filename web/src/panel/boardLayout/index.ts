export { cellLook } from './cellLook.ts';
export { type BoardGrid, boardGrid } from './grid.ts';
export { type BoardItem, type Cover, boardItems, gridText, legsAlong, neighbour } from './items.ts';
export { type PlannedMove, planMove } from './moves.ts';
