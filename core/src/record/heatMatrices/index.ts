export * from './heatMatrix.ts';
export * from './readMatrix.ts';
