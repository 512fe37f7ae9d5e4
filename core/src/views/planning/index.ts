export * from './schema.ts';
export * from './drawnSheet.ts';
export * from './service.ts';
export * from './room.ts';
export * from './priceBands.ts';
export * from './partsList.ts';
export * from './whatIf.ts';
export * from './sharedTerminal.ts';
