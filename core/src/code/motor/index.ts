export * from './motorCircuit.ts';
export * from './compressorCircuit.ts';
