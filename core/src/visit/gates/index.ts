export * from './factNames.ts';
export * from './schema.ts';
export {
  BEGUN,
  DEAD_VOLTS,
  isVerifiedDead,
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
export { advance, allowedIn } from './advance.ts';
export { visit } from './visit.ts';
