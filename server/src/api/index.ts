export { recordRoutes } from './recordRoutes.ts';
