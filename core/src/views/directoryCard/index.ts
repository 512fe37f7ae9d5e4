export * from './directoryCard.ts';
export * from './cardType.ts';
export * from './hangingDirectory.ts';
