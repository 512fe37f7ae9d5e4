export { accountRoutes } from './accountRoutes.ts';
export { linkRoutes } from './linkRoutes.ts';
export { visitOwnerRoutes } from './visitOwnerRoutes.ts';
