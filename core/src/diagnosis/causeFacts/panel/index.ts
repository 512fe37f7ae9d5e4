export * from './burntStab.ts';
export * from './busFailing.ts';
export * from './hotSurroundings.ts';
export * from './looseTerminal.ts';
export * from './sharedTerminal.ts';
