export { ReadingLine } from './ReadingLine.tsx';
