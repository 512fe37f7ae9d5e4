export { panelEntryRoutes } from './panelEntryRoutes.ts';
export { photoRoutes } from './photoRoutes.ts';
export { timelineRoutes } from './timelineRoutes.ts';
