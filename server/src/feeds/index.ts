export * from './feeds.ts';
export { feedRoutes } from './feedRoutes.ts';
