export * from './heatColors.ts';
