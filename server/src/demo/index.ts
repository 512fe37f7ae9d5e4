export { seedDemo } from './seedDemo.ts';
