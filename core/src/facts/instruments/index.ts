export * from './instruments.ts';
