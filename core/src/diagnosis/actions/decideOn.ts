import type { Hazard } from '../../facts/hazards/index.ts';
import type { CauseId, TestResult } from '../../facts/vocabulary/index.ts';
import { CAUSE_IDS, type PriorContext } from '../causes/index.ts';
import { bindFindings, makeSafe, remedyFor, type Bound } from './bindingFindings.ts';
import { choose, lossTable, type Choice, type LossTable } from './chooseAction.ts';
import { proofNeeded } from './proof.ts';
import { isBusLegLost } from './rightActions.ts';
import { isMeasuredSound, KINDS_FOR_SOUND, soundKinds } from './soundMeasurements.ts';

/** An action with what needs an action besides, and the losses it was chosen by. */
export interface Decided extends Bound {
  table: LossTable;
}

/**
 * What to do: the action of least expected loss within what the hazard allows. A stop makes the panel safe first.
 * Measurements may show a sound breaker. A breaker is condemned only on proof. Where a finding rules out what the
 * probabilities lead to, the finding is dealt with. Findings that bind come last, and decide.
 *
 * @param results the latest outcome of each test
 * @param probabilities of every cause, in the vocabulary’s order
 * @param hazard of all findings
 * @param known what is known of the breaker
 * @returns the losses, the action, and what needs an action besides
 * @example decideOn([], probabilities, hazardOf([]), {}).choice.action // 'gather-more'
 */
export function decideOn(
  results: readonly TestResult[],
  probabilities: Float64Array,
  hazard: Hazard,
  known: PriorContext,
): Decided {
  const table = lossTable(results, hazard);
  const leading = leadingCause(probabilities);
  const allowed = choose(table, probabilities);
  if (hazard.level === 'stop') return { table, ...makeSafe(results, allowed, leading) };
  if (isMeasuredSound(results, hazard, known) && !isSuspected(leading, probabilities))
    return { table, choice: keepAsMeasured(results, known, allowed), also: [] };
  const wanted = wantedAction(results, probabilities, hazard, known, { table, leading, allowed });
  return { table, ...bindFindings(results, wanted, leading) };
}

/**
 * The likeliest cause.
 *
 * @param probabilities of every cause, in the vocabulary’s order
 * @returns id of the cause
 * @example leadingCause(Float64Array.from(CAUSE_IDS, (id) => Number(id === 'overload'))) // 'overload'
 */
export const leadingCause = (probabilities: Float64Array): CauseId =>
  CAUSE_IDS[probabilities.indexOf(Math.max(...probabilities))]!;

/** From this probability on, a cause other than “nothing wrong” speaks against a sound breaker. */
const SUSPECTED_FROM = 0.35;
const isSuspected = (leading: CauseId, probabilities: Float64Array): boolean =>
  leading !== 'no-fault' && Math.max(...probabilities) >= SUSPECTED_FROM;

interface Weighed {
  table: LossTable;
  leading: CauseId;
  /** The action of least expected loss that the hazard allows. */
  allowed: Choice;
}

/** A bus leg that is measured to be lost is no suspicion any more from this probability on. */
const SURE_OF_THE_BUS = 0.6;

function wantedAction(
  results: readonly TestResult[],
  probabilities: Float64Array,
  hazard: Hazard,
  known: PriorContext,
  { table, leading, allowed }: Weighed,
): Choice {
  const findOut: Choice = { action: 'gather-more', confidence: 0, expected: allowed.expected };
  const sure = Math.max(...probabilities);
  if (leading === 'bus-failing' && sure >= SURE_OF_THE_BUS && isBusLegLost(results))
    return { action: 'replace-panel', confidence: sure, expected: allowed.expected };
  if (allowed.action === 'replace-breaker' && proofNeeded(leading, results, known)) return findOut;
  if (allowed.action !== 'gather-more') return allowed;
  const free = choose(lossTable(results), probabilities);
  if (free.action === 'gather-more' || !table.ruledOut.has(free.action)) return allowed;
  return remedyFor(hazard, free.expected) ?? findOut;
}

/** How sure independent measurements are together: two of them, or more. */
const SURE_AS_MEASURED = { two: 0.78, more: 0.9 } as const;

function keepAsMeasured(results: readonly TestResult[], known: PriorContext, allowed: Choice): Choice {
  const kinds = soundKinds(results, known);
  const measured = kinds > KINDS_FOR_SOUND ? SURE_AS_MEASURED.more : SURE_AS_MEASURED.two;
  const weighed = allowed.action === 'keep' ? allowed.confidence : 0;
  return { ...allowed, action: 'keep', confidence: Math.max(measured, weighed) };
}
