export * from './houseMapView.ts';
export * from './branchesToMap.ts';
export * from './mapRounds.ts';
export * from './nextLooks.ts';
export * from './stagedRounds.ts';
