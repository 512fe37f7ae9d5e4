export * from './testApp.ts';
export * from './aJpeg.ts';
