import { TIME_LIMITS } from '../../facts/limits/index.ts';
import type { CaseOutcome } from '../../record/entities/index.ts';
import { outcomeLevel } from '../../facts/hazards/index.ts';
import type { TestId } from '../../facts/vocabulary/index.ts';
import type { EvidenceItem } from './evidence.ts';

/** Tests that tell how things stand at the moment, and say nothing of a later complaint. */
const MOMENTARY: ReadonlySet<TestId> = new Set<TestId>([
  'power-loss-extent',
  'handle-finger-test',
  'trip-indicator',
  'reset-feel',
  'reset-result',
  'reset-result-unplugged',
  'power-after-reset',
  'downstream-device',
  'upstream-breaker',
  'sound',
  'smell',
  'panel-touch',
  'light-behaviour',
  'water-signs',
  'recent-change',
  'appliance-check',
  'outlet-voltage',
  'outlet-sag',
  'load-terminal-voltage',
  'line-side-voltage',
  'main-load-side-voltage',
  'branch-off-check',
  'neighbours-power',
]);

/** What was seen so shortly before somebody complained belongs to the complaint. */
const BEFOREHAND_MS = TIME_LIMITS.beforehandHours * 3_600_000;

/**
 * From when on what was seen belongs to a case: some hours before it was opened, but nothing of a case about the same
 * breaker that was closed before.
 *
 * @param openedAt when the open case was opened
 * @param closedBefore when the last closed case about it was closed; `null`: there is none
 * @returns instant, UTC
 * @example countsFrom('2026-11-25T12:00:00.000Z', null) // '2026-11-25T00:00:00.000Z'
 */
export function countsFrom(openedAt: string, closedBefore: string | null): string {
  const beforehand = new Date(Date.parse(openedAt) - BEFOREHAND_MS).toISOString();
  return closedBefore !== null && closedBefore > beforehand ? closedBefore : beforehand;
}

/** Ends after which what was wrong is put right: what told of that moment is over. */
const PUT_RIGHT: ReadonlySet<CaseOutcome> = new Set<CaseOutcome>([
  'reset-holds',
  'replaced',
  'resized',
  'repaired-elsewhere',
]);

/** A case as far as it says what still counts. */
interface CaseSpan {
  openedAt: string;
  closedAt: string | null;
  outcome: CaseOutcome | null;
}

/**
 * From when on what tells of a moment counts about a breaker, by all cases about it: while one is open, by that; after
 * one that ended with everything put right, from its end on.
 *
 * @param cases of one breaker, in any order
 * @returns `null`: all of it counts
 * @example countsSince([{ openedAt: '2026-11-25T12:00:00.000Z', closedAt: null, outcome: null }]) // '2026-11-25T00:00:00.000Z'
 */
export function countsSince(cases: readonly CaseSpan[]): string | null {
  const open = cases.find(({ closedAt }) => closedAt === null);
  const closed = cases
    .flatMap(({ closedAt, outcome }) => (closedAt === null ? [] : [{ closedAt, outcome }]))
    .sort((a, b) => a.closedAt.localeCompare(b.closedAt));
  if (open)
    return countsFrom(
      open.openedAt,
      closed.findLast((one) => one.closedAt <= open.openedAt)?.closedAt ?? null,
    );
  return closed.findLast(({ outcome }) => outcome !== null && PUT_RIGHT.has(outcome))?.closedAt ?? null;
}

/** How it tripped: still so while it stands tripped. */
const OF_THE_TRIP: ReadonlySet<TestId> = new Set<TestId>(['reset-result', 'reset-result-unplugged']);

/**
 * Whether an item still counts in a case: what told only of an earlier moment does not. A danger sign counts until
 * another outcome stands in its place; how it tripped counts as long as it has stood tripped since.
 *
 * @param since from when on it counts (see `countsSince`); `null`: all of it does
 * @param heldAt when it last held, while it stands tripped (''  if never); `null`: it does not stand tripped
 * @returns whether it counts
 * @example counts(item, null, '') // true: all of it counts
 */
export function counts(
  { test, outcome, at }: EvidenceItem,
  since: string | null,
  heldAt: string | null,
): boolean {
  if (since === null || !MOMENTARY.has(test) || outcomeLevel(test, outcome) === 'stop') return true;
  if (heldAt !== null && OF_THE_TRIP.has(test) && at > heldAt) return true;
  return at >= since;
}
