export * from './lazy.ts';
export { Board } from './Board.tsx';
export { BoardTools } from './BoardTools.tsx';
export { PanelSketch } from './PanelSketch.tsx';
export { placeWords } from './placeWords.ts';
export { BoardFrame } from './BoardFrame.tsx';
export { boardGrid } from '../boardLayout/index.ts';
export { boardItems, type BoardItem } from '../boardLayout/index.ts';
