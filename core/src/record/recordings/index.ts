export * from './recording.ts';
export * from './pack.ts';
export * from './summary.ts';
export * from './curve.ts';
export { VarintReader, VarintWriter } from './varints.ts';
