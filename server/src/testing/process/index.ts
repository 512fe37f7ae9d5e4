export * from './aJpeg.ts';
export * from './serverProcess.ts';
export {
  danglingRows,
  mixedPlaces,
  mixedWrite,
  WRITTEN,
  type MixedPlaces,
  type MixedWrite,
} from './mixedWrites.ts';
