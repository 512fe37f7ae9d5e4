import type { TestResult } from '../../facts/vocabulary/index.ts';
import type { ActionId, CauseId, TestId } from '../../facts/vocabulary/index.ts';
import { GRAVITY, type RemedialAction } from './losses.ts';
import { remembered } from './remembered.ts';

/** What puts each cause right; after the first, what also does. */
const RIGHT: Record<CauseId, readonly RemedialAction[]> = {
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
  'motor-inrush': ['shed-load', 'split-circuit'],
  'hot-surroundings': ['cool-surroundings', 'shed-load'],
  'supply-outage': ['wait-for-supply'],
  'main-breaker-fault': ['replace-main'],
  'shared-neutral-open': ['repair-neutral', 'repair-wiring'],
  'device-failed': ['replace-device'],
  'miswired-protected-unit': ['repair-neutral', 'repair-wiring'],
  'wrong-part': ['replace-breaker', 'replace-breaker-and-remake-joint'],
  'wrong-breaker': ['correct-directory', 'make-safe-and-call'],
  backfeed: ['make-safe-and-call'],
  'neutral-ground-fault': ['repair-neutral', 'repair-wiring'],
  'no-fault': ['keep', 'reset-and-watch'],
};

/** Where a panel is not to be condemned, what is left. */
const WITHOUT_A_PANEL = (Object.entries(RIGHT) as [CauseId, readonly RemedialAction[]][])
  .filter(([, actions]) => actions.includes('replace-panel'))
  .map(([cause, actions]) => [cause, actions.filter((action) => action !== 'replace-panel')] as const);

/** A finding: a test with the outcomes any of which makes it. */
type Finding = readonly [test: TestId, ...outcomes: string[]];

/** Where what was found calls for another action than the cause alone would. */
interface Instead {
  cause: CauseId;
  /** All of these, one at least of these, and none of these were found. */
  all?: readonly Finding[];
  any?: readonly Finding[];
  none?: readonly Finding[];
  then: readonly RemedialAction[];
  why: string;
}

const INSTEAD: readonly Instead[] = [
  {
    cause: 'upstream-open',
    any: [
      ['insulation-resistance', 'under-1-megohm', 'near-zero'],
      ['recent-change', 'digging-or-drilling'],
      ['trips-on-record', 'after-dead-short'],
      ['reset-result', 'trips-at-once', 'trips-in-seconds'],
      ['reset-result-unplugged', 'trips-at-once', 'trips-later'],
    ],
    then: ['repair-wiring'],
    why: 'Do not close a feeder on a short: turn off its branches, test the wiring, then turn the branches on one at a time.',
  },
  {
    cause: 'upstream-open',
    any: [['water-signs', 'condensation-or-rust', 'wet-now']],
    then: ['dry-and-inspect', 'repair-wiring'],
    why: 'A feeder is not closed on a damp panel.',
  },
  {
    cause: 'no-fault',
    any: [
      ['handle-position', 'middle', 'off', 'one-half-low'],
      ['handle-finger-test', 'gives'],
      ['trip-indicator', 'shown'],
      ['trips-on-record', 'first-time', 'few', 'many-overload', 'after-dead-short'],
      ['power-loss-extent', 'one-device', 'part-of-one-circuit', 'one-circuit', 'several-circuits'],
      ['reset-result', 'holds'],
    ],
    then: ['reset-and-watch', 'complete-reset', 'keep'],
    why: 'It has opened once: what is left is to reset it and to watch it.',
  },
  {
    cause: 'motor-inrush',
    all: [['appliance-check', 'trips-there-too']],
    then: ['repair-appliance', 'shed-load', 'split-circuit'],
    why: 'A motor that trips elsewhere too starts harder than it should.',
  },
  {
    cause: 'main-breaker-fault',
    all: [['power-loss-extent', 'half-the-house']],
    none: [['main-load-side-voltage', 'one-missing', 'both-missing']],
    then: ['replace-main', 'call-utility'],
    why: 'With half the house dead and nothing measured the utility comes first, and says which.',
  },
  {
    cause: 'wrong-breaker',
    none: [['branch-off-check', 'still-live']],
    then: [],
    why: 'No directory is rewritten on a guess.',
  },
  {
    cause: 'shared-terminal',
    any: [
      ['load-share', 'over-135'],
      ['clamp-current', 'over-135'],
    ],
    then: ['split-circuit', 'separate-conductors'],
    why: 'Two circuits with far too much load for one breaker: a second breaker, or a narrow pair.',
  },
  {
    cause: 'loose-terminal',
    any: [
      ['terminal-inspection', 'discoloured-or-melted'],
      ['terminal-temperature', 'over-15-over'],
      ['face-temperature', 'over-15-over'],
      ['smell', 'hot-plastic'],
    ],
    then: ['replace-breaker-and-remake-joint', 'remake-joint'],
    why: 'A joint that has cooked its terminal has cooked the breaker too.',
  },
  {
    cause: 'incomplete-reset',
    any: [
      ['power-after-reset', 'restored'],
      ['reset-result', 'holds'],
    ],
    none: [
      ['power-after-reset', 'still-dead'],
      ['reset-feel', 'no-off-click', 'hard-or-gritty', 'will-not-latch'],
    ],
    then: ['reset-and-watch', 'complete-reset'],
    why: 'The reset has been done, and it holds: what is left is to watch it.',
  },
  {
    cause: 'incomplete-reset',
    any: [['water-signs', 'condensation-or-rust', 'wet-now']],
    then: ['dry-and-inspect'],
    why: 'Nothing is switched on again where damp gets at the panel, before it is dry and was looked at.',
  },
  {
    cause: 'oversized-breaker',
    none: [['conductor-vs-breaker', 'wire-too-small']],
    then: [],
    why: 'No rating is changed by a guess: the conductor is looked at first.',
  },
  {
    cause: 'undersized-breaker',
    none: [['conductor-vs-breaker', 'wire-has-room']],
    then: [],
    why: 'No rating is changed by a guess: the conductor is looked at first.',
  },
  {
    cause: 'undersized-breaker',
    all: [['conductor-vs-breaker', 'wire-has-room']],
    any: [['water-signs', 'condensation-or-rust', 'wet-now']],
    then: ['dry-and-inspect'],
    why: 'Nothing is enlarged where damp gets at the panel, before it is dry and was looked at.',
  },
  {
    cause: 'supply-outage',
    all: [['neighbours-power', 'on']],
    then: ['call-utility', 'wait-for-supply'],
    why: 'The street has power: it is this service alone.',
  },
  {
    cause: 'overload',
    all: [['reset-result', 'holds']],
    any: [
      ['load-share', 'under-80'],
      ['clamp-current', 'under-80'],
    ],
    none: [['load-share', '100-to-135', 'over-135']],
    then: ['reset-and-watch', 'shed-load'],
    why: 'What overloaded it is off by now.',
  },
];

/** A panel is condemned on two independent kinds of evidence at least: seen or felt, heard, smelt, measured, its family. */
const AGAINST_A_PANEL: readonly (readonly Finding[])[] = [
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
    ['power-loss-extent', 'several-circuits'],
    ['light-behaviour', 'flicker-whole-house'],
  ],
  [['main-load-side-voltage', 'one-missing', 'both-missing']],
];

/** A bus leg that is measured to be lost: both legs leave the main, and what hangs on one of them is dead. */
const showsBusLegLost = (seen: (finding: Finding) => boolean): boolean =>
  seen(['main-load-side-voltage', 'both-normal']) &&
  seen(['power-loss-extent', 'half-the-house', 'several-circuits']) &&
  !seen(['upstream-breaker', 'tripped-or-off']) &&
  (seen(['load-terminal-voltage', 'zero', 'one-pole-zero']) || seen(['power-loss-extent', 'half-the-house']));

/** A reset that holds, with everything quiet and no trip before it: whatever threw it, to watch it does for now. */
const QUIET: readonly Finding[] = [
  ['reset-result', 'holds'],
  ['sound', 'quiet', 'steady-hum'],
  ['smell', 'none'],
  ['panel-touch', 'cool'],
  ['water-signs', 'dry'],
];
const NOT_FOR_THE_FIRST_TIME: readonly Finding[] = [
  ['trips-on-record', 'few', 'many-overload', 'after-dead-short'],
  ['light-behaviour', 'flicker-one-circuit', 'flicker-whole-house', 'some-brighter-some-dimmer'],
  ['power-after-reset', 'still-dead'],
  ['reset-result-unplugged', 'trips-at-once', 'trips-later'],
  ['load-share', '100-to-135', 'over-135'],
  ['clamp-current', '100-to-135', 'over-135'],
];
function isToBeWatched(found: ReadonlyMap<TestId, string>): boolean {
  const seen = ([test, ...outcomes]: Finding) => outcomes.includes(found.get(test) ?? '');
  return QUIET.every(seen) && !NOT_FOR_THE_FIRST_TIME.some(seen);
}

/** Causes of nothing worse than a nuisance, with to watch it among what does; the same lists each time. */
const ALSO_WATCHED = new WeakMap<readonly RemedialAction[], readonly RemedialAction[]>();
function watched(
  right: Record<CauseId, readonly RemedialAction[]>,
): Partial<Record<CauseId, readonly RemedialAction[]>> {
  const changed: Partial<Record<CauseId, readonly RemedialAction[]>> = {};
  for (const [cause, actions] of Object.entries(right) as [CauseId, readonly RemedialAction[]][]) {
    if (GRAVITY[cause] !== 'nuisance' || actions.includes('reset-and-watch')) continue;
    const more = ALSO_WATCHED.get(actions) ?? [...actions, 'reset-and-watch' as const];
    ALSO_WATCHED.set(actions, more);
    changed[cause] = more;
  }
  return changed;
}

/**
 * Tests whose outcome may change what is right. What bars a reset (`verdict.ts`) is not among them: a bar is a limit, not
 * a loss, and a look that may bring one must not count for less.
 */
export const CHANGES_WHAT_IS_RIGHT: ReadonlySet<TestId> = new Set(
  [
    ...INSTEAD.flatMap(({ all = [], any = [], none = [] }) => [...all, ...any, ...none]),
    ...AGAINST_A_PANEL.flat(),
    ...QUIET,
    ...NOT_FOR_THE_FIRST_TIME,
  ].map(([test]) => test),
);

/** The right actions by the results that bear on them. */
const byFindings = remembered<RightActions>(4000);

/** By cause, what puts it right; the right action first. */
export type RightActions = Readonly<Record<CauseId, readonly RemedialAction[]>>;

/** What puts each cause right, given what was found; the same object for the same findings. */
export function rightActions(results: readonly TestResult[]): RightActions {
  let key = '';
  for (const { test, outcome } of results) if (CHANGES_WHAT_IS_RIGHT.has(test)) key += `${test}=${outcome} `;
  return byFindings(key, () => workOut(results));
}

function workOut(results: readonly TestResult[]): RightActions {
  const found = new Map(results.map(({ test, outcome }) => [test, outcome]));
  const seen = ([test, ...outcomes]: Finding) => outcomes.includes(found.get(test) ?? '');
  const right = { ...RIGHT };
  for (const { cause, all = [], any, none = [], then } of INSTEAD)
    if (all.every(seen) && (any?.some(seen) ?? true) && !none.some(seen)) right[cause] = then;
  if (isToBeWatched(found)) Object.assign(right, watched(right));
  const kinds = AGAINST_A_PANEL.filter((signs) => signs.some(seen));
  if (kinds.length < 2 && !showsBusLegLost(seen)) {
    for (const [cause, actions] of WITHOUT_A_PANEL) right[cause] = actions;
  }
  return right;
}

/**
 * Whether the readings show that a leg of the bus is lost.
 *
 * @param results the latest outcome of each test
 * @returns whether both legs leave the main and what hangs on one of them is dead
 */
export function isBusLegLost(results: readonly TestResult[]): boolean {
  const found = new Map(results.map(({ test, outcome }) => [test, outcome]));
  return showsBusLegLost(([test, ...outcomes]) => outcomes.includes(found.get(test) ?? ''));
}

/** All that puts a cause right, whatever was found with it. */
const PUTS_RIGHT = new Map(
  (Object.entries(RIGHT) as [CauseId, readonly RemedialAction[]][]).map(([cause, actions]) => [
    cause,
    new Set<ActionId>([...actions, ...INSTEAD.flatMap((one) => (one.cause === cause ? one.then : []))]),
  ]),
);

/**
 * Whether an action may put a cause right, by the cause alone: for cases that are over.
 *
 * @param action what was done
 * @param cause what it was
 * @returns whether that mends it
 * @example canPutRight('split-circuit', 'overload') // true
 */
export const canPutRight = (action: ActionId, cause: CauseId): boolean => PUTS_RIGHT.get(cause)!.has(action);
