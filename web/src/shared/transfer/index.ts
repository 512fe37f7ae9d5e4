export { FileProgressBar } from './FileProgressBar.tsx';
export { useFileWork, type FileWork } from './useFileWork.ts';
