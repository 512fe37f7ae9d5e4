import { outcomeHazard } from '../hazards/index.ts';
import { TIME_LIMITS, VOLTAGE_LIMITS } from '../limits/index.ts';
import type { PanelSignId, TestId } from '../vocabulary/index.ts';

/** Where somebody stands during an inspection, in the order of the walk. */
export const STATIONS = {
  outside: { isInside: false },
  closed: { isInside: false },
  outlets: { isInside: false },
  inside: { isInside: true },
} as const satisfies Record<string, { isInside: boolean }>;
export type StationId = keyof typeof STATIONS;
export const STATION_IDS = Object.keys(STATIONS) as [StationId, ...StationId[]];

/** Why somebody inspects a panel without a complaint, and how long what is on record counts for it, days. */
export const PURPOSES = {
  buying: { keepDays: TIME_LIMITS.inspectionResultDays },
  yearly: { keepDays: TIME_LIMITS.inspectionResultDays },
  water: { keepDays: 0 },
  lightning: { keepDays: 0 },
} as const satisfies Record<string, { keepDays: number }>;
export type PurposeId = keyof typeof PURPOSES;
export const PURPOSE_IDS = Object.keys(PURPOSES) as [PurposeId, ...PurposeId[]];

/** One possible result of an item. */
export interface InspectionResult {
  isGood: boolean;
  /** It is a figure: V at an outlet. */
  isReading?: true;
  /** The outcome of a test that the log of the breaker gets; for the panel as a whole, the log of its main. */
  seenAs?: { test: TestId; outcome: string };
  /** The finding that the evaluation of the panel gets. */
  sign?: PanelSignId;
  /** Parts inside are burned: the visit that opened the panel ends here. */
  isBurned?: true;
}

/** One thing that is looked at, tried or measured. */
export interface InspectionItem {
  station: StationId;
  /** The panel as a whole, each branch breaker, each breaker with a test button that is on, or one outlet of each leg. */
  of: 'panel' | 'branches' | 'protected' | 'legs';
  /** The purposes it is asked for; left out: all. */
  asks?: readonly PurposeId[];
  /** It does not change: once on record, it is not asked again. */
  isLasting?: true;
  /** By their ids; the first is how it should be. */
  results: Readonly<Record<string, InspectionResult>>;
}

const EXCEPT_YEARLY = ['buying', 'water', 'lightning'] as const satisfies PurposeId[];

/** Everything an inspection looks at, in the order of the walk. The words are in `words.ts`, apart: whoever only logs a result needs none. */
export const INSPECTION_ITEMS = {
  'service-entrance': {
    station: 'outside',
    of: 'panel',
    asks: EXCEPT_YEARLY,
    results: {
      sound: { isGood: true },
      damaged: { isGood: false },
    },
  },
  'conduit-seal': {
    station: 'outside',
    of: 'panel',
    asks: ['buying', 'water'],
    results: {
      sealed: { isGood: true },
      open: { isGood: false },
    },
  },
  'other-sources': {
    station: 'outside',
    of: 'panel',
    asks: ['buying'],
    results: {
      labeled: { isGood: true },
      unlabeled: { isGood: false },
    },
  },
  'emergency-disconnect': {
    station: 'outside',
    of: 'panel',
    asks: ['buying'],
    isLasting: true,
    results: {
      there: { isGood: true },
      none: { isGood: true },
    },
  },
  clearance: {
    station: 'closed',
    of: 'panel',
    asks: ['buying', 'yearly'],
    results: {
      clear: { isGood: true },
      blocked: { isGood: false },
    },
  },
  family: {
    station: 'closed',
    of: 'panel',
    asks: ['buying'],
    isLasting: true,
    results: {
      supported: { isGood: true },
      withdrawn: {
        isGood: false,
        seenAs: { test: 'panel-age', outcome: 'family-withdrawn' },
        sign: 'family-withdrawn',
      },
    },
  },
  age: {
    station: 'closed',
    of: 'panel',
    asks: ['buying'],
    isLasting: true,
    results: {
      newer: { isGood: true },
      old: { isGood: false, seenAs: { test: 'panel-age', outcome: 'over-40-years' }, sign: 'over-40-years' },
    },
  },
  directory: {
    station: 'closed',
    of: 'panel',
    asks: ['buying', 'yearly'],
    results: {
      complete: { isGood: true },
      incomplete: { isGood: false },
    },
  },
  openings: {
    station: 'closed',
    of: 'panel',
    results: {
      closed: { isGood: true },
      open: { isGood: false, sign: 'open-hole' },
    },
  },
  moisture: {
    station: 'closed',
    of: 'panel',
    results: {
      dry: { isGood: true, seenAs: { test: 'water-signs', outcome: 'dry' } },
      rust: {
        isGood: false,
        seenAs: { test: 'water-signs', outcome: 'condensation-or-rust' },
        sign: 'rust-light',
      },
      damp: { isGood: false, sign: 'damp' },
      wet: { isGood: false, seenAs: { test: 'water-signs', outcome: 'wet-now' } },
    },
  },
  sound: {
    station: 'closed',
    of: 'panel',
    results: {
      quiet: { isGood: true, seenAs: { test: 'sound', outcome: 'quiet' } },
      hum: { isGood: false, seenAs: { test: 'sound', outcome: 'steady-hum' }, sign: 'steady-hum' },
      sizzle: {
        isGood: false,
        seenAs: { test: 'sound', outcome: 'sizzle-or-crackle' },
        sign: 'sizzle-under-load',
      },
    },
  },
  smell: {
    station: 'closed',
    of: 'panel',
    results: {
      none: { isGood: true, seenAs: { test: 'smell', outcome: 'none' } },
      'hot-plastic': {
        isGood: false,
        seenAs: { test: 'smell', outcome: 'hot-plastic' },
        sign: 'hot-plastic-smell',
      },
    },
  },
  touch: {
    station: 'closed',
    of: 'branches',
    results: {
      cool: { isGood: true, seenAs: { test: 'panel-touch', outcome: 'cool' } },
      warm: { isGood: false, seenAs: { test: 'panel-touch', outcome: 'warm' } },
      hot: { isGood: false, seenAs: { test: 'panel-touch', outcome: 'hot' } },
    },
  },
  'test-buttons': {
    station: 'closed',
    of: 'protected',
    results: {
      trips: { isGood: true, seenAs: { test: 'test-button', outcome: 'trips-and-resets' } },
      'does-not-trip': { isGood: false, seenAs: { test: 'test-button', outcome: 'does-not-trip' } },
      'does-not-reset': { isGood: false, seenAs: { test: 'test-button', outcome: 'will-not-reset' } },
    },
  },
  'outlet-voltage': {
    station: 'outlets',
    of: 'legs',
    results: {
      read: { isGood: true, isReading: true },
    },
  },
  'outlet-wiring': {
    station: 'outlets',
    of: 'legs',
    results: {
      correct: { isGood: true, seenAs: { test: 'outlet-wiring', outcome: 'correct' } },
      'open-ground': { isGood: false, seenAs: { test: 'outlet-wiring', outcome: 'open-ground' } },
      'open-neutral': { isGood: false, seenAs: { test: 'outlet-wiring', outcome: 'open-neutral' } },
      reversed: { isGood: false, seenAs: { test: 'outlet-wiring', outcome: 'reversed' } },
    },
  },
  lugs: {
    station: 'inside',
    of: 'panel',
    results: {
      clean: { isGood: true },
      corroded: { isGood: false, sign: 'lugs-corroded' },
      discolored: { isGood: false, sign: 'lugs-discoloured', isBurned: true },
    },
  },
  insulation: {
    station: 'inside',
    of: 'panel',
    results: {
      sound: { isGood: true },
      melted: { isGood: false, sign: 'insulation-melted', isBurned: true },
      gnawed: { isGood: false },
    },
  },
  conductors: {
    station: 'inside',
    of: 'branches',
    results: {
      matched: { isGood: true, seenAs: { test: 'conductor-vs-breaker', outcome: 'matched' } },
      'too-small': { isGood: false, seenAs: { test: 'conductor-vs-breaker', outcome: 'wire-too-small' } },
    },
  },
  terminals: {
    station: 'inside',
    of: 'branches',
    results: {
      clean: { isGood: true, seenAs: { test: 'terminal-inspection', outcome: 'clean-and-tight' } },
      loose: { isGood: false, seenAs: { test: 'terminal-inspection', outcome: 'loose' } },
      discolored: {
        isGood: false,
        seenAs: { test: 'terminal-inspection', outcome: 'discoloured-or-melted' },
      },
      corroded: { isGood: false, seenAs: { test: 'terminal-inspection', outcome: 'corroded' } },
      'two-wires': {
        isGood: false,
        seenAs: { test: 'terminal-inspection', outcome: 'two-wires-one-terminal' },
      },
    },
  },
  stabs: {
    station: 'inside',
    of: 'branches',
    results: {
      clean: { isGood: true, seenAs: { test: 'stab-inspection', outcome: 'clean' } },
      pitted: { isGood: false, seenAs: { test: 'stab-inspection', outcome: 'pitted-or-burnt' } },
    },
  },
  parts: {
    station: 'inside',
    of: 'branches',
    isLasting: true,
    results: {
      listed: { isGood: true, seenAs: { test: 'part-match', outcome: 'listed' } },
      'not-listed': { isGood: false, seenAs: { test: 'part-match', outcome: 'not-listed' } },
    },
  },
  neutrals: {
    station: 'inside',
    of: 'branches',
    results: {
      clean: { isGood: true, seenAs: { test: 'neutral-joint-inspection', outcome: 'clean-and-tight' } },
      loose: { isGood: false, seenAs: { test: 'neutral-joint-inspection', outcome: 'loose-or-burnt' } },
      'wrong-bar': {
        isGood: false,
        seenAs: { test: 'neutral-joint-inspection', outcome: 'on-the-wrong-bar' },
      },
    },
  },
  bonding: {
    station: 'inside',
    of: 'panel',
    isLasting: true,
    results: {
      correct: { isGood: true },
      'bonded-in-sub-panel': { isGood: false, sign: 'neutral-ground-in-sub-panel' },
      'not-bonded': { isGood: false, sign: 'neutral-not-bonded' },
    },
  },
  feeder: {
    station: 'inside',
    of: 'panel',
    isLasting: true,
    results: {
      matched: { isGood: true },
      small: { isGood: false, sign: 'feeder-below-main' },
    },
  },
} as const satisfies Record<string, InspectionItem>;

export type InspectionItemId = keyof typeof INSPECTION_ITEMS;
export const INSPECTION_ITEM_IDS = Object.keys(INSPECTION_ITEMS) as [InspectionItemId, ...InspectionItemId[]];

/**
 * All that is known of an item of an inspection.
 *
 * @param id which
 * @returns where, of what, and its results
 * @example inspectionItem('sound').station // 'closed'
 */
export const inspectionItem = (id: InspectionItemId): InspectionItem => INSPECTION_ITEMS[id];

/**
 * The result that is as it should be.
 *
 * @param id of the item
 * @returns id of the result
 * @example goodResult('moisture') // 'dry'
 */
export const goodResult = (id: InspectionItemId): string => Object.keys(INSPECTION_ITEMS[id].results)[0]!;

/** A result as it is logged. */
export interface LoggedResult {
  item: InspectionItemId;
  result: string;
  /** Reading at an outlet, V; null if the item has none. */
  volts: number | null;
}

/**
 * Whether a result is as it should be.
 *
 * @param logged result, with its reading in V
 * @returns whether nothing follows from it
 * @example isNormal({ item: 'outlet-voltage', result: 'read', volts: 104 }) // false
 */
export const isNormal = ({ item, result, volts }: LoggedResult): boolean =>
  volts === null
    ? inspectionItem(item).results[result]!.isGood
    : volts >= VOLTAGE_LIMITS.low && volts <= VOLTAGE_LIMITS.high;

/**
 * Whether a result ends the inspection on the spot: a hazard of the whole panel.
 *
 * @param item which
 * @param result of it
 * @returns whether nobody stays at the panel
 * @example endsInspection('sound', 'sizzle') // true
 */
export function endsInspection(item: InspectionItemId, result: string): boolean {
  const seenAs = inspectionItem(item).results[result]?.seenAs;
  const hazard = seenAs && outcomeHazard(seenAs.test, seenAs.outcome);
  return hazard?.level === 'stop' && hazard.scope === 'panel';
}
