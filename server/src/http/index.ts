export * from './errors.ts';
export * from './route.ts';
export * from './openapi.ts';
