export * from './testApp.ts';
export { writeDemoSnapshot } from './demoSnapshot.ts';
export * from './aJpeg.ts';
export * from './aShed.ts';
export * from './serverProcess.ts';
export * from './currentVersion.ts';
export * from './fuzzRequests.ts';
export * from './undoOrRedo.ts';
export * from './readPdf.ts';
