export * from './outbox.ts';
export * from './profileStore.ts';
export * from './stepSite.ts';
export * from './tapStore.ts';
export * from './useChanges.ts';
export * from './useWithUnsent.ts';
export * from './lineStore.ts';
export * from './useCommands.ts';
