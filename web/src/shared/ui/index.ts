export * from './charts/index.ts';
export * from './components/index.ts';
export * from './words/index.ts';
export * from './forms/index.ts';
