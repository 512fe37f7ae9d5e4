export * from './parseAsk.ts';
export * from './answer.ts';
