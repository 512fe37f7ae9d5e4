import { outcomesOf, usualChance, type Context, type TestResult } from '../causes/index.ts';
import type { Evidence, EvidenceItem } from '../evidence/index.ts';
import type { TestId } from '../../facts/vocabulary/index.ts';
import { assess, type Assessment } from '../engine/index.ts';
import type { Circumstances } from '../danger/index.ts';
import { unpluggedInstantTrips } from './facts.ts';

/** Tests that tell of the circumstances, not of trouble. */
const CIRCUMSTANCES: ReadonlySet<TestId> = new Set<TestId>([
  'panel-age',
  'recent-change',
  'test-button',
  'trip-indicator',
  'load-share',
  'clamp-current',
  'leg-balance',
]);
/** An outcome seen less often than this where nothing bears on the test is a sign of trouble. */
const UNUSUAL = 0.15;

/** What the record shows, as the engine takes it. */
export const resultsOf = ({ items }: Evidence): TestResult[] =>
  items
    .filter(({ test, outcome }) => outcomesOf(test).has(outcome))
    .map(({ test, outcome, or }) => ({ test, outcome, ...(or && { or }) }));

const YEAR_MS = 365.25 * 24 * 3600 * 1000;
/** A part that has been in for less is newly fitted. */
const NEW_YEARS = 0.25;

/** What is known of the breaker beside what was found: its kind, its age at its newest entry, what it has cleared. */
export function knownOf(evidence: Evidence): Context {
  const { breaker, items, wear, anonymous, complaint } = evidence;
  const told = { complaint, tripped: hasTripped(evidence) };
  if (anonymous) return told;
  const newest = items.reduce((latest, { at }) => (at > latest ? at : latest), breaker.createdAt);
  const age =
    breaker.installedOn === null
      ? undefined
      : Math.max(0, (Date.parse(newest) - Date.parse(breaker.installedOn)) / YEAR_MS);
  return {
    ...told,
    pluggable: canPlugIn(evidence),
    breakerKind: breaker.kind === 'surge' ? undefined : breaker.kind,
    poles: breaker.poles === 2 ? 2 : 1,
    ageYears: age === undefined ? undefined : Math.min(120, Math.floor(age)),
    newlyFitted: age !== undefined && age < NEW_YEARS,
    deadShorts: Math.min(100, wear.magneticTrips),
  };
}

/**
 * Whether what is complained of is a trip; `undefined`: nobody said. Where something else is complained of, an old trip on
 * record makes it possible and no more.
 */
function hasTripped({ trips, handle, complaint }: Evidence): boolean | undefined {
  if (handle === 'tripped' || complaint === 'trips') return true;
  const tripped = trips.length > 0;
  if (complaint === undefined) return tripped || undefined;
  return complaint === 'dead' || tripped ? undefined : false;
}

/** Whether anything can be plugged in on its circuit; `undefined`: the circuit is not drawn. */
function canPlugIn({ circuit, breaker }: Evidence): boolean | undefined {
  if (!circuit) return undefined;
  const only240 = circuit.loads.length > 0 && circuit.loads.every(({ volts }) => volts === 240);
  return circuit.portableReceptacles && !(breaker.poles === 2 && only240);
}

/**
 * Whether an outcome is rare where nothing is wrong.
 *
 * @param item a test and what it gave
 * @returns whether it speaks of trouble
 * @example isRareWhenSound({ test: 'sound', outcome: 'sizzle-or-crackle' }) // true
 */
export const isRareWhenSound = ({ test, outcome }: Pick<EvidenceItem, 'test' | 'outcome'>): boolean =>
  !CIRCUMSTANCES.has(test) && usualChance(test, outcome) < UNUSUAL;

/** Whether anything is wrong at all: without a complaint there is nothing to diagnose. */
export const hasTrouble = (evidence: Evidence): boolean =>
  evidence.handle === 'tripped' || resultsOf(evidence).some(isRareWhenSound);

/** What a record tells of danger besides the latest outcome of each test. */
export const circumstancesOf = (evidence: Evidence): Circumstances => ({
  bareSnaps: unpluggedInstantTrips(evidence).length,
  isOff: evidence.handle !== 'on',
  atMain: evidence.mainItems.map(({ test, outcome }) => ({ test, outcome })),
});

/**
 * What the engine makes of a record.
 *
 * @param evidence what is known of a breaker
 * @returns chances of causes, and what follows
 * @example assessRecord(evidence).choice.action // 'keep'
 */
export const assessRecord = (evidence: Evidence): Assessment =>
  assess(
    resultsOf(evidence),
    knownOf(evidence),
    evidence.estimate?.rating.probability ?? null,
    circumstancesOf(evidence),
    evidence.learned,
  );
