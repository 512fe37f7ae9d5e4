export * from './rules.ts';
export * from './protectionByPlace.ts';
export * from './servedByName.ts';
