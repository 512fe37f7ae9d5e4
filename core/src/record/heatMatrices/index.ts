export * from './heatMatrix.ts';
export * from './readMatrix.ts';
export * from './heatPreview.ts';
