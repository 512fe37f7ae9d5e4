export * from './rules.ts';
export * from './protectionByPlace.ts';
