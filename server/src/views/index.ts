export * from './views.ts';
export * from './legs.ts';
