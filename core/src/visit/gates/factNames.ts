/** Everything that can happen on a visit, in the order in which it is done. */
export const FACTS = [
  'dressed',
  'tester-proved',
  'handles-off',
  'source-isolated',
  'main-off',
  'locked',
  'cover-off',
  'measured',
  'swapped',
  'cover-on',
  'unlocked',
  'main-on',
  'handle-on',
  'verified',
  'abandoned',
] as const;
export type FactName = (typeof FACTS)[number];

/** The load side of the main: de-energized with it, and measured like every place that is touched. */
export const MAIN = 'main';
