export * from './lazy.ts';
export { PanelBoard } from './PanelBoard.tsx';
export { BoardTools } from './BoardTools.tsx';
export { PanelSketch } from './PanelSketch.tsx';
export { boardPlaceWords } from './boardPlaceWords.ts';
export { BoardFrame } from './BoardFrame.tsx';
export { boardGrid } from '../boardLayout/index.ts';
export { boardItems, type BoardItem } from '../boardLayout/index.ts';
