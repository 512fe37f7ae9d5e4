export * from './quantity.ts';
export * from './compare.ts';
export * from './median.ts';
export * from './reason.ts';
export * from './say.ts';
export * from './sentence.ts';
export * from './plainText.ts';
export * from './noRepeatedIds.ts';
