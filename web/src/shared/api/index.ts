export type { EntryKind } from './commands.ts';
export * from './lazyCommands.ts';
export * from './newId.ts';
export { type Delivery, type Pending } from './pending.ts';
export * from './ask.ts';
export * from './files.ts';
export * from './request.ts';
