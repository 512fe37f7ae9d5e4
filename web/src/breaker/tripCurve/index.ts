export * from './partProps.ts';
export * from './Bench.tsx';
