export { mainQuestion } from './atMain.ts';
export * from './legsView.ts';
export * from './schema.ts';
