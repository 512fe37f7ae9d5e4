export * from './maintenanceTasks.ts';
