export * from './Bench.tsx';
