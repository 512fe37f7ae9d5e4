export * from './site.ts';
export * from './cases.ts';
