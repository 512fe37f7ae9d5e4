export * from '../panelEntryKinds/index.ts';
export * from './namedBreakers.ts';
export * from './panelEntry.ts';
export * from './sayPanelEntry.ts';
export * from './about.ts';
export * from './panelLog.ts';
