export * from './channelKey.ts';
export * from './schema.ts';
export { Ring, RING, type Came } from './ring.ts';
