export * from './panelEntryKind.ts';
export * from './recording.ts';
export * from './heatPicture.ts';
export * from './heatScan.ts';
export * from './panelSignEntry.ts';
export * from './panelEntry.ts';
export * from './about.ts';
export * from './panelLog.ts';
