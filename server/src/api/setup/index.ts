export { breakerRoutes } from './breakerRoutes.ts';
export { panelRoutes } from './panelRoutes.ts';
export { siteRoutes } from './siteRoutes.ts';
