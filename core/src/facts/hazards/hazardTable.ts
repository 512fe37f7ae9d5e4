import type { ActionId, OutcomeOf, TestId } from '../vocabulary/index.ts';

/** How dangerous a finding is, from harmless to stop. */
export const HAZARD_LEVELS = ['none', 'repair', 'restrict', 'stop'] as const;
export type HazardLevel = (typeof HAZARD_LEVELS)[number];

/** What a finding endangers, from one appliance to the whole supply. */
export const HAZARD_SCOPES = ['device', 'circuit', 'breaker', 'panel', 'supply'] as const;
export type HazardScope = (typeof HAZARD_SCOPES)[number];

/** How dangerous one outcome of a test is by itself. */
export interface OutcomeHazard {
  level: Exclude<HazardLevel, 'none'>;
  scope: HazardScope;
  /** A reset may be all it takes. Beside any other finding, nothing is reset. */
  resetMayCure?: true;
  /** Actions that deal with the finding, the usual one first. Without any, the finding asks for more tests. */
  remedies?: readonly ActionId[];
}

type HazardTable = { readonly [T in TestId]?: { readonly [O in OutcomeOf<T>]?: OutcomeHazard } };

/** More than the rating, however it was measured. */
const OVERLOAD_REMEDIES = ['shed-load', 'split-circuit', 'rewire', 'size-up'] as const;
const OVERLOAD = {
  'over-135': { level: 'restrict', scope: 'circuit', remedies: OVERLOAD_REMEDIES },
  '100-to-135': { level: 'repair', scope: 'circuit', remedies: OVERLOAD_REMEDIES },
} as const;

/** The breaker itself is at fault. */
const NEW_BREAKER = [
  'replace-breaker',
  'replace-breaker-and-remake-joint',
  'replace-main',
  'replace-panel',
] as const;

/** Hotter than similar breakers, wherever it was measured. */
const HOT = {
  'over-15-over': {
    level: 'restrict',
    scope: 'breaker',
    remedies: ['replace-breaker-and-remake-joint', 'remake-joint', 'replace-panel', 'replace-main'],
  },
  '3-to-15-over': { level: 'repair', scope: 'breaker', remedies: ['remake-joint', ...NEW_BREAKER] },
} as const;

/** Every outcome that is a hazard by itself. An outcome that is missing here is none. */
export const HAZARDS = {
  'power-loss-extent': {
    'one-device': { level: 'repair', scope: 'circuit', resetMayCure: true },
    'part-of-one-circuit': { level: 'repair', scope: 'circuit', resetMayCure: true },
    'one-circuit': { level: 'repair', scope: 'circuit', resetMayCure: true },
    'several-circuits': { level: 'repair', scope: 'circuit', resetMayCure: true },
    'half-the-house': { level: 'repair', scope: 'circuit', resetMayCure: true },
    'whole-house': { level: 'repair', scope: 'circuit', resetMayCure: true },
  },
  'reset-feel': {
    'hard-or-gritty': {
      level: 'repair',
      scope: 'breaker',
      remedies: NEW_BREAKER,
    },
    'will-not-latch': { level: 'repair', scope: 'breaker' },
  },
  'reset-result': {
    'trips-at-once': { level: 'repair', scope: 'circuit', resetMayCure: true },
    'trips-in-seconds': { level: 'repair', scope: 'circuit', resetMayCure: true },
    'trips-in-minutes': { level: 'repair', scope: 'circuit', resetMayCure: true },
    'trips-after-hours': { level: 'repair', scope: 'circuit', resetMayCure: true },
  },
  'reset-result-unplugged': {
    'trips-at-once': { level: 'restrict', scope: 'circuit' },
    'trips-later': { level: 'repair', scope: 'circuit' },
  },
  'power-after-reset': {
    'still-dead': { level: 'repair', scope: 'circuit', resetMayCure: true },
  },
  sound: {
    'sizzle-or-crackle': { level: 'stop', scope: 'panel' },
  },
  smell: {
    'hot-plastic': { level: 'stop', scope: 'panel' },
  },
  'panel-touch': {
    hot: { level: 'stop', scope: 'panel' },
  },
  'light-behaviour': {
    'some-brighter-some-dimmer': { level: 'stop', scope: 'supply' },
    'flicker-whole-house': {
      level: 'restrict',
      scope: 'supply',
      remedies: [
        'call-utility',
        'make-safe-and-call',
        'replace-panel',
        'replace-main',
        'repair-neutral',
        'replace-breaker-and-remake-joint',
      ],
    },
    'flicker-one-circuit': {
      level: 'repair',
      scope: 'circuit',
      remedies: [
        'repair-wiring',
        'remake-joint',
        'replace-breaker-and-remake-joint',
        'repair-neutral',
        'replace-panel',
        'repair-appliance',
      ],
    },
  },
  'water-signs': {
    'wet-now': { level: 'stop', scope: 'panel' },
    'condensation-or-rust': {
      level: 'repair',
      scope: 'panel',
      remedies: ['dry-and-inspect', 'replace-panel'],
    },
  },
  'panel-age': {
    'family-withdrawn': { level: 'repair', scope: 'panel', remedies: ['replace-panel'] },
  },
  'test-button': {
    'does-not-trip': {
      level: 'restrict',
      scope: 'breaker',
      remedies: ['replace-breaker', 'replace-breaker-and-remake-joint', 'replace-panel'],
    },
    'will-not-reset': { level: 'repair', scope: 'breaker' },
  },
  'load-share': OVERLOAD,
  'appliance-check': {
    'trips-there-too': { level: 'repair', scope: 'device', remedies: ['repair-appliance'] },
  },
  'outlet-voltage': {
    high: { level: 'stop', scope: 'supply' },
    low: { level: 'repair', scope: 'circuit' },
    zero: { level: 'repair', scope: 'circuit', resetMayCure: true },
  },
  'outlet-sag': {
    'over-6-percent': {
      level: 'repair',
      scope: 'circuit',
      remedies: [
        'repair-wiring',
        'remake-joint',
        'replace-breaker-and-remake-joint',
        'repair-neutral',
        'call-utility',
        'rewire',
        'replace-panel',
        'replace-main',
      ],
    },
  },
  'outlet-wiring': {
    'open-neutral': { level: 'restrict', scope: 'circuit', remedies: ['repair-wiring', 'repair-neutral'] },
    reversed: { level: 'repair', scope: 'circuit', remedies: ['repair-wiring', 'repair-neutral'] },
    'open-ground': { level: 'repair', scope: 'circuit', remedies: ['repair-wiring', 'repair-neutral'] },
  },
  'face-temperature': HOT,
  'load-terminal-voltage': {
    low: { level: 'repair', scope: 'breaker' },
    zero: { level: 'repair', scope: 'breaker', resetMayCure: true },
    'one-pole-zero': { level: 'repair', scope: 'breaker', resetMayCure: true },
  },
  'line-side-voltage': {
    'legs-unequal': { level: 'stop', scope: 'supply' },
    'one-leg-missing': { level: 'repair', scope: 'supply' },
    'both-missing': { level: 'repair', scope: 'supply' },
  },
  'clamp-current': OVERLOAD,
  'trip-vs-curve': {
    'too-late-or-never': {
      level: 'restrict',
      scope: 'breaker',
      remedies: [
        'replace-breaker',
        'replace-breaker-and-remake-joint',
        'size-down',
        'replace-main',
        'replace-panel',
      ],
    },
    'too-early': { level: 'repair', scope: 'breaker' },
  },
  'terminal-temperature': HOT,
  'millivolt-drop': {
    high: {
      level: 'repair',
      scope: 'breaker',
      remedies: NEW_BREAKER,
    },
  },
  'load-wire-lifted': {
    trips: {
      level: 'restrict',
      scope: 'breaker',
      remedies: NEW_BREAKER,
    },
  },
  'insulation-resistance': {
    'near-zero': {
      level: 'stop',
      scope: 'circuit',
      remedies: ['repair-wiring', 'repair-neutral', 'dry-and-inspect'],
    },
    'under-1-megohm': {
      level: 'repair',
      scope: 'circuit',
      remedies: ['repair-wiring', 'repair-neutral', 'dry-and-inspect'],
    },
  },
  'terminal-inspection': {
    loose: {
      level: 'restrict',
      scope: 'breaker',
      remedies: ['remake-joint', 'replace-breaker-and-remake-joint', 'replace-panel', 'replace-main'],
    },
    'discoloured-or-melted': {
      level: 'restrict',
      scope: 'breaker',
      remedies: ['replace-breaker-and-remake-joint', 'replace-panel', 'replace-main'],
    },
    corroded: { level: 'repair', scope: 'breaker', remedies: ['dry-and-inspect', 'replace-panel'] },
    'two-wires-one-terminal': {
      level: 'repair',
      scope: 'breaker',
      remedies: ['separate-conductors', 'split-circuit'],
    },
  },
  'stab-inspection': {
    'pitted-or-burnt': {
      level: 'restrict',
      scope: 'breaker',
      remedies: ['replace-breaker-and-remake-joint', 'replace-panel'],
    },
  },
  'conductor-vs-breaker': {
    'wire-too-small': { level: 'restrict', scope: 'circuit', remedies: ['size-down', 'rewire'] },
  },
  'known-good-swap': {
    'fault-follows-circuit': { level: 'repair', scope: 'circuit' },
    'fault-stays-with-breaker': {
      level: 'repair',
      scope: 'breaker',
      remedies: NEW_BREAKER,
    },
  },
  'main-off-check': {
    'still-live': { level: 'stop', scope: 'panel' },
  },
  'branch-off-check': {
    'still-live': { level: 'stop', scope: 'breaker' },
  },
  'button-after-fitting': {
    'trips-as-soon-as-loaded': {
      level: 'repair',
      scope: 'circuit',
      remedies: ['repair-neutral', 'repair-wiring', 'replace-breaker'],
    },
  },
  'main-load-side-voltage': {
    'one-missing': { level: 'restrict', scope: 'panel', remedies: ['replace-main', 'replace-panel'] },
    'both-missing': { level: 'restrict', scope: 'panel', remedies: ['replace-main', 'replace-panel'] },
  },
  'neutral-joint-inspection': {
    'loose-or-burnt': {
      level: 'restrict',
      scope: 'circuit',
      remedies: ['repair-neutral', 'repair-wiring', 'replace-panel'],
    },
    'on-the-wrong-bar': { level: 'repair', scope: 'circuit', remedies: ['repair-neutral', 'repair-wiring'] },
  },
  'part-match': {
    'not-listed': {
      level: 'repair',
      scope: 'breaker',
      remedies: [
        'replace-breaker',
        'replace-breaker-and-remake-joint',
        'size-down',
        'replace-main',
        'replace-panel',
      ],
    },
  },
} as const satisfies HazardTable;

/** Outcomes of several tests that are dangerous only together. */
export interface CombinedHazard {
  /** Each part is met by any of its outcomes. */
  parts: readonly Partial<Record<TestId, readonly string[]>>[];
  level: Exclude<HazardLevel, 'none'>;
  scope: HazardScope;
  /** Harmless while the breaker carries nothing. */
  onlyWhileOn?: true;
  text: string;
}

/** Every combination that is more dangerous than its parts. */
export const COMBINED_HAZARDS: readonly CombinedHazard[] = [
  {
    parts: [{ 'reset-result': ['trips-at-once'] }, { 'reset-result-unplugged': ['trips-at-once'] }],
    level: 'stop',
    scope: 'circuit',
    text: 'The breaker trips immediately, with the loads on and with everything unplugged: treat the wiring as short-circuited.',
  },
  {
    parts: [
      { 'terminal-inspection': ['loose', 'discoloured-or-melted'] },
      { 'terminal-temperature': ['over-15-over'], 'face-temperature': ['over-15-over'] },
    ],
    level: 'stop',
    scope: 'breaker',
    onlyWhileOn: true,
    text: 'A loose or burned connection is hot and still carries load.',
  },
];
