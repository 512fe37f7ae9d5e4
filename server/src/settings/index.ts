export * from './settingsStore.ts';
export { inLanguage } from './requestLanguage.ts';
