export * from './outbox.ts';
export * from './panelStore.ts';
export * from './profileStore.ts';
export * from './settingsStore.ts';
export * from './useLivePanel.ts';
