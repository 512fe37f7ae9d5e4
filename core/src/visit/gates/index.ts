export * from './schema.ts';
export {
  BEGUN,
  DEAD_VOLTS,
  LIVE_VOLTS,
  measureKey,
  measuresOf,
  notDead,
  PROVED,
  touchable,
  VERIFIED,
  type VisitPlaces,
  type VisitState,
} from './state.ts';
export { advance, allowedIn, visit } from './visit.ts';
