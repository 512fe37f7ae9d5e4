export { backupRoutes } from './backupRoutes.ts';
export { directoryRoutes } from './directoryRoutes.ts';
export { reportRoutes } from './reportRoutes.ts';
export { settingsRoutes } from './settingsRoutes.ts';
export { transferRoutes } from './transferRoutes.ts';
export { upkeepRoutes } from './upkeepRoutes.ts';
