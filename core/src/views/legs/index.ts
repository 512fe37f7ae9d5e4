export * from './legsView.ts';
export * from './schema.ts';
