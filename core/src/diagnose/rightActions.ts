import type { TestResult } from '../causes/index.ts';
import type { CauseId } from '../vocabulary/index.ts';
import type { Deed } from './losses.ts';

/** What puts each cause right; after the first, what also does. */
const RIGHT: Record<CauseId, readonly Deed[]> = {
  overload: ['shed-load', 'split-circuit'],
  'appliance-fault': ['repair-appliance'],
  'wiring-short': ['repair-wiring'],
  'ground-leakage': ['repair-wiring', 'dry-and-inspect'],
  'arcing-connection': ['repair-wiring'],
  'electronic-unit-fault': ['replace-breaker'],
  'weak-breaker': ['replace-breaker'],
  'open-breaker': ['replace-breaker'],
  'stuck-breaker': ['replace-breaker'],
  'worn-mechanism': ['replace-breaker'],
  'loose-terminal': ['remake-joint', 'replace-breaker-and-remake-joint'],
  'burnt-stab': ['replace-breaker-and-remake-joint', 'replace-breaker', 'replace-panel'],
  'shared-terminal': ['separate-conductors'],
  'oversized-breaker': ['size-down'],
  'undersized-breaker': ['size-up'],
  'incomplete-reset': ['complete-reset', 'reset-and-watch'],
  'downstream-device-tripped': ['reset-other-device'],
  'upstream-open': ['reset-other-device'],
  'open-wiring': ['repair-wiring'],
  'supply-leg-lost': ['call-utility'],
  'open-neutral': ['make-safe-and-call', 'call-utility'],
  'bus-failing': ['replace-panel', 'make-safe-and-call'],
  moisture: ['dry-and-inspect'],
  'motor-inrush': ['repair-appliance', 'split-circuit', 'shed-load'],
  'hot-surroundings': ['cool-surroundings'],
  'supply-outage': ['wait-for-supply'],
  'main-breaker-fault': ['replace-main'],
  'shared-neutral-open': ['repair-neutral', 'repair-wiring'],
  'device-failed': ['replace-device'],
  'miswired-protected-unit': ['repair-neutral', 'repair-wiring'],
  'wrong-part': ['replace-breaker'],
};

const WITH_A_PANEL = (Object.entries(RIGHT) as [CauseId, readonly Deed[]][]).filter(([, actions]) =>
  actions.includes('replace-panel'),
);

type Seen = (test: TestResult['test'], ...outcomes: string[]) => boolean;

/** Where what was found calls for another action than the cause alone would. */
const INSTEAD = Object.entries({
  // A joint that has cooked its terminal has cooked the breaker too.
  'loose-terminal': (seen: Seen) =>
    seen('terminal-inspection', 'discoloured-or-melted') ||
    seen('terminal-temperature', 'over-15-over') ||
    seen('face-temperature', 'over-15-over') ||
    seen('smell', 'hot-plastic')
      ? ['replace-breaker-and-remake-joint', 'remake-joint']
      : null,
  // The reset has been done, and it holds: what is left is to watch it.
  'incomplete-reset': (seen: Seen) =>
    seen('power-after-reset', 'restored') && seen('reset-feel', 'clean-clicks')
      ? ['reset-and-watch', 'complete-reset']
      : null,
  // No rating is changed by a guess: the conductor is looked at first.
  'oversized-breaker': (seen: Seen) => (seen('conductor-vs-breaker', 'wire-too-small') ? null : []),
  'undersized-breaker': (seen: Seen) => (seen('conductor-vs-breaker', 'wire-has-room') ? null : []),
  // The street has power: it is this service alone.
  'supply-outage': (seen: Seen) =>
    seen('neighbours-power', 'on') ? ['call-utility', 'wait-for-supply'] : null,
  // What overloaded it is off by now.
  overload: (seen: Seen) =>
    seen('reset-result', 'holds') &&
    (seen('load-share', 'under-80') || seen('clamp-current', 'under-80')) &&
    !seen('load-share', '100-to-135', 'over-135')
      ? ['reset-and-watch', 'shed-load']
      : null,
} satisfies Partial<Record<CauseId, (seen: Seen) => readonly Deed[] | null>>) as [
  CauseId,
  (seen: Seen) => readonly Deed[] | null,
][];

/** A panel is condemned on two independent kinds of evidence at least: seen or felt, heard, smelt, measured, its family. */
const AGAINST_A_PANEL: readonly (readonly [test: TestResult['test'], ...outcomes: string[]][])[] = [
  [['sound', 'sizzle-or-crackle']],
  [['smell', 'hot-plastic']],
  [
    ['stab-inspection', 'pitted-or-burnt'],
    ['terminal-inspection', 'discoloured-or-melted', 'corroded'],
  ],
  [
    ['terminal-temperature', '3-to-15-over', 'over-15-over'],
    ['face-temperature', '3-to-15-over', 'over-15-over'],
    ['panel-touch', 'warm', 'hot'],
  ],
  [['leg-balance', 'unbalanced']],
  [['panel-age', 'family-withdrawn']],
  [
    ['power-loss-extent', 'several-circuits', 'half-the-house'],
    ['light-behaviour', 'flicker-whole-house'],
  ],
  [['main-load-side-voltage', 'one-missing', 'both-missing']],
];

/** Tests whose outcome may change what is right. */
export const CHANGES_WHAT_IS_RIGHT: ReadonlySet<TestResult['test']> = new Set<TestResult['test']>([
  'terminal-inspection',
  'terminal-temperature',
  'face-temperature',
  'smell',
  'power-after-reset',
  'reset-feel',
  'reset-result',
  'load-share',
  'clamp-current',
  'conductor-vs-breaker',
  'neighbours-power',
  ...AGAINST_A_PANEL.flatMap((signs) => signs.map(([test]) => test)),
]);

/** What puts each cause right, given what was found; the right action first. */
export function rightActions(results: readonly TestResult[]): Record<CauseId, readonly Deed[]> {
  const found = new Map(results.map(({ test, outcome }) => [test, outcome]));
  const seen: Seen = (test, ...outcomes) => outcomes.includes(found.get(test) ?? '');
  const right = { ...RIGHT };
  for (const [cause, instead] of INSTEAD) right[cause] = instead(seen) ?? right[cause];
  const kinds = AGAINST_A_PANEL.filter((signs) =>
    signs.some(([test, ...outcomes]) => seen(test, ...outcomes)),
  );
  if (kinds.length < 2) {
    for (const [cause, actions] of WITH_A_PANEL)
      right[cause] = actions.filter((action) => action !== 'replace-panel');
  }
  return right;
}
