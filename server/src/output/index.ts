export { outputTo, type Output } from './output.ts';
