export * from './directoryCard.ts';
