export * from './photoFolder.ts';
export { plainJpeg } from './jpeg.ts';
