export * from './instruments.ts';
export * from './instrumentWords.ts';
