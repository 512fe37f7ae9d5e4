export * from './houseMapView.ts';
export * from './branchesToMap.ts';
