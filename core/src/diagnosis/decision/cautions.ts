import type { Caution } from './decision.ts';
import type { Policies } from '../../record/settings/index.ts';
import type { ActionId } from '../../facts/vocabulary/index.ts';
import * as messages from './messages.ts';

/** The usual cautions, said at the step where they count. */
const CAUTIONS = {
  reset: messages.dryHandsStandToOneSide,
  cool: messages.afterAnOverloadWaitAFew,
  dead: messages.turnOffTheMainAndLock,
  otherSources: messages.solarABatteryAGeneratorOr,
  live: messages.thisIsAMeasurementOnEnergized,
  neverLarger: messages.neverInstallALargerBreakerTo,
  noMoreResets: messages.doNotResetItAgainUntil,
  deadAtMain: messages.thisBreakerMayNotOpenDe,
  offUntilDone: messages.leaveThisCircuitOffUntilThe,
  supplyCut: messages.turningOffTheMainIsNot,
  takenAsLive: messages.untilTheOtherSourceIsFound,
  advice: messages.phylaxonAdvisesLocalCodesAnd,
} as const;
export type CautionId = keyof typeof CAUTIONS;

const WHEN: Record<CautionId, Caution['when']> = {
  offUntilDone: 'first',
  noMoreResets: 'first',
  deadAtMain: 'first',
  takenAsLive: 'first',
  reset: 'switching',
  cool: 'switching',
  dead: 'panel',
  otherSources: 'panel',
  live: 'panel',
  supplyCut: 'panel',
  neverLarger: 'rating',
  advice: 'always',
};

/** A caution as a decision carries it. */
export const cautionOf = (id: CautionId, policies: Policies): Caution => ({
  when: WHEN[id],
  text: cautionText(id, policies),
});

const ON_THE_PANEL: readonly CautionId[] = ['dead', 'otherSources', 'advice'];
const AHEAD_OF_THE_MAIN: readonly CautionId[] = ['supplyCut', 'otherSources', 'advice'];
const ON_THE_CIRCUIT: readonly CautionId[] = ['noMoreResets', 'dead', 'advice'];
const A_RESET: readonly CautionId[] = ['reset', 'cool', 'neverLarger'];

/** What to mind with each action. */
export const ACTION_CAUTIONS: Record<ActionId, readonly CautionId[]> = {
  'complete-reset': A_RESET,
  'reset-and-watch': A_RESET,
  'reset-other-device': ['advice'],
  'size-down': ON_THE_PANEL,
  'size-up': ON_THE_PANEL,
  'split-circuit': ON_THE_PANEL,
  rewire: ON_THE_PANEL,
  'replace-breaker': ['neverLarger', ...ON_THE_PANEL],
  'replace-breaker-and-remake-joint': ['offUntilDone', ...ON_THE_PANEL],
  'replace-panel': ['offUntilDone', ...AHEAD_OF_THE_MAIN],
  'replace-main': AHEAD_OF_THE_MAIN,
  'shed-load': ['neverLarger', 'cool', 'advice'],
  'repair-appliance': ['neverLarger', 'advice'],
  'repair-wiring': ON_THE_CIRCUIT,
  'separate-conductors': ON_THE_PANEL,
  'dry-and-inspect': ['offUntilDone', ...ON_THE_PANEL],
  'cool-surroundings': ['neverLarger', 'advice'],
  'call-utility': ['advice'],
  'remake-joint': ['offUntilDone', ...ON_THE_PANEL],
  'make-safe-and-call': ['advice'],
  'repair-neutral': ['offUntilDone', ...ON_THE_PANEL],
  'replace-device': ['advice'],
  'wait-for-supply': ['advice'],
  'correct-directory': ['takenAsLive', 'advice'],
  keep: [],
  'gather-more': ['advice'],
};

const COUNT = ['no', 'one', 'two', 'three'] as const;
const trials = (n: number) => `${COUNT[n] ?? n} ${n === 1 ? 'trial' : 'trials'}`;

/**
 * A caution in words; that of a reset says how many trials the chosen policy allows.
 *
 * @param id which caution
 * @param policies how many trials are allowed
 * @returns one or two sentences
 * @example cautionText('neverLarger', DEFAULT_POLICIES) // why no larger breaker stops a trip
 */
export function cautionText(id: CautionId, { trialsIntoShort, trialsOtherwise }: Policies): string {
  if (id !== 'reset') return CAUTIONS[id];
  const into = trials(trialsIntoShort);
  const allowed =
    trialsIntoShort === trialsOtherwise
      ? messages.atMostThenStopAndFind(into)
      : messages.atMostIntoASuspectedShort(into, COUNT[trialsOtherwise]);
  return `${CAUTIONS.reset} ${allowed}`;
}
