export * from './commands.ts';
export * from './newId.ts';
export { type Pending } from './pending.ts';
export * from './record.ts';
export * from './request.ts';
