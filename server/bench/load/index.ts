export * from './clients.ts';
export * from './health.ts';
