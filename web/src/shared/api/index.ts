export * from './commands.ts';
export * from './newId.ts';
export { type Pending } from './pending.ts';
export * from './ask.ts';
export * from './files.ts';
export * from './request.ts';
