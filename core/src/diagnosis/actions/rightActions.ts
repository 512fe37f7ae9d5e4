import { keptLatest, keptPerObject } from '../../facts/kept/index.ts';
import type { TestResult, ActionId, CauseId, TestId } from '../../facts/vocabulary/index.ts';
import { CAUSE_IDS } from '../causes/index.ts';
import { CAUSE_FACTS, type Finding, type RemedialAction } from '../causeFacts/index.ts';

/** The actions that cure each cause, the right one first. */
const RIGHT = Object.fromEntries(
  CAUSE_IDS.map((id) => [id, CAUSE_FACTS[id].right]),
) as unknown as RightActions;

/** Where a panel is not to be condemned, what is left. */
const WITHOUT_A_PANEL = (Object.entries(RIGHT) as [CauseId, readonly RemedialAction[]][])
  .filter(([, actions]) => actions.includes('replace-panel'))
  .map(([cause, actions]) => [cause, actions.filter((action) => action !== 'replace-panel')] as const);

/** Findings that call for another action, of every cause. */
const INSTEAD = CAUSE_IDS.flatMap((cause) =>
  (CAUSE_FACTS[cause].instead ?? []).map((one) => ({ cause, ...one })),
);

/** A panel is condemned on two independent kinds of evidence at least: seen, felt, heard, smelled, measured, or its family. */
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
const alsoWatched = keptPerObject((actions: readonly RemedialAction[]): readonly RemedialAction[] => [
  ...actions,
  'reset-and-watch',
]);
function watched(
  right: Record<CauseId, readonly RemedialAction[]>,
): Partial<Record<CauseId, readonly RemedialAction[]>> {
  const changed: Partial<Record<CauseId, readonly RemedialAction[]>> = {};
  for (const [cause, actions] of Object.entries(right) as [CauseId, readonly RemedialAction[]][]) {
    if (CAUSE_FACTS[cause].gravity !== 'nuisance' || actions.includes('reset-and-watch')) continue;
    changed[cause] = alsoWatched(actions);
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
const byFindings = keptLatest<RightActions>(4000);

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
