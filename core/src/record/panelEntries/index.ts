export * from '../panelEntryKinds/index.ts';
export * from './panelEntry.ts';
export * from './about.ts';
export * from './panelLog.ts';
export * from './standingSigns.ts';
