export * from './schema.ts';
export * from './thermalElement.ts';
export * from './segments.ts';
export * from './magnetic.ts';
export * from './tripWindow.ts';
export * from './judgeTrip.ts';
