export * from './breakerKinds.ts';
export * from './families.ts';
export * from './feeds.ts';
export * from './layout.ts';
export * from './placement.ts';
export * from './spaceList.ts';
export * from './ties.ts';
