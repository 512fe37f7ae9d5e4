export type { Asker } from './asker.ts';
export * from './errors.ts';
export * from './sameOrigin.ts';
export * from './unreadable.ts';
export * from './route.ts';
export * from './keptJson.ts';
export * from './manyStreams.ts';
export * from './openapi.ts';
