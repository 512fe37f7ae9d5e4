/** So many things happen on a visit at most. */
export const MOST_VISIT_FACTS = 400;

/** How a breaker’s own neutral is connected: not at all, by a pigtail to the bar, or by sitting on the bar. */
export const NEUTRALS = ['none', 'pigtail', 'plug-on'] as const;

/** Other sources that may feed a panel from its load side. */
export const SOURCE_KINDS = ['solar', 'battery', 'generator', 'vehicle'] as const;
export type SourceKind = (typeof SOURCE_KINDS)[number];

/** What proves the work once the power is back. */
export const PROOFS = [
  'off-output',
  'between-poles',
  'outlet-wiring',
  'test-button',
  'current',
  'temperature',
] as const;
export type ProofId = (typeof PROOFS)[number];
