export { Board } from './Board.tsx';
