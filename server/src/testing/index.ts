export * from './testApp.ts';
export { writeDemoSnapshot } from './demoSnapshot.ts';
export * from './aJpeg.ts';
export * from './aShed.ts';
export * from './serverProcess.ts';
export * from './currentVersion.ts';
export * from './fuzzRequests.ts';
export * from './undoOrRedo.ts';
export * from './bytesOf.ts';
export * from './readPdf.ts';
export { visitCalls } from './visitCalls.ts';
export { listening } from './listening.ts';
export { visitServer } from './visitServer.ts';
export {
  danglingRows,
  mixedPlaces,
  mixedWrite,
  WRITTEN,
  type MixedPlaces,
  type MixedWrite,
} from './mixedWrites.ts';
