export * from './panelStore.ts';
export * from './profileStore.ts';
export * from './useLivePanel.ts';
