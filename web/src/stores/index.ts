export * from './panelStore.ts';
export * from './profileStore.ts';
