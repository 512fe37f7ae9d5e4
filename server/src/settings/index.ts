export * from './settingsStore.ts';
