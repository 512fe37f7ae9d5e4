export * from './boxFill.ts';
export * from './racewayFill.ts';
