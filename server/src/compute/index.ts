export { ComputePool } from './computePool.ts';
export { computeRoutes } from './routes.ts';
