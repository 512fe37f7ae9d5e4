/** Words of a name that tell nothing apart. */
export const FILLERS: ReadonlySet<string> = new Set([
  'the',
  'a',
  'an',
  'and',
  'of',
  'in',
  'on',
  'at',
  'to',
  'for',
  'my',
  'our',
  'circuit',
  'breaker',
]);
