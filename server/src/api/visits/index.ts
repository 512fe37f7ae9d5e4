export { visitRoutes } from './visitRoutes.ts';
