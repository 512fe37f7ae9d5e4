export * from './houseMapView.ts';
