import { keptLatest, keptPerObject } from '../../facts/kept/index.ts';
import { TIME_LIMITS } from '../../facts/limits/index.ts';
import type { HazardCircumstances } from '../../facts/hazards/index.ts';
import type { PriorContext, Learned } from '../causes/index.ts';
import type { Evidence } from '../evidence/index.ts';
import { assess, type Assessment } from '../engine/index.ts';
import { causeRemoved, measuredSinceHeld, overloadAtTrip } from './recordFacts.ts';
import { circumstancesOf, needsWork, ownCircumstances } from './recordHazard.ts';
import { resultsOf } from './recordResults.ts';

const YEAR_MS = 365.25 * 24 * 3600 * 1000;
/** A part that has been in for less is newly fitted. */
const NEW_YEARS = TIME_LIMITS.newYears;

/**
 * What is known of the breaker beside what was found: its kind, its age at its newest entry, what it has cleared.
 *
 * @param evidence of the breaker
 * @returns what the prior heeds
 * @example knownOf(evidence).kind // 'standard'
 */
export function knownOf(evidence: Evidence): PriorContext {
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
    ...(causeRemoved(evidence) && !measuredSinceHeld(evidence) && { causeRemoved: true }),
    ...(overloadAtTrip(evidence) && { overloadAtTrip: true }),
    byTrips: evidence.estimate?.rating.judgement,
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
 * What the engine makes of a record. A breaker without trouble of its own that its own readings show to be sound is kept,
 * whatever was found elsewhere in the panel. Any other obeys that too.
 *
 * @param evidence what is known of a breaker
 * @returns probabilities of causes, the hazard, and the action that follows
 * @example assessRecord(evidence).choice.action // 'keep'
 */
export function assessRecord(evidence: Evidence): Assessment {
  if (!needsWork(evidence)) {
    const own = assessWith(
      evidence,
      evidence.items.filter(({ ofPanel }) => !ofPanel),
      ownCircumstances(evidence),
    );
    if (own.choice.action === 'keep') return own;
  }
  return assessWith(evidence, evidence.items, circumstancesOf(evidence));
}

/** Breakers with the same outcomes come to the same; a whole panel is decided again at every entry. */
const byOutcomes = keptLatest<Assessment>(500);

function assessWith(
  evidence: Evidence,
  items: Evidence['items'],
  circumstances: HazardCircumstances,
): Assessment {
  const { learned, estimate } = evidence;
  const results = resultsOf({ ...evidence, items });
  const known = knownOf(evidence);
  const bench = estimate?.rating.probability ?? null;
  const { foundElsewhere, ...rest } = circumstances;
  const key =
    JSON.stringify([results, known, bench, rest, [...(foundElsewhere ?? [])]]) +
    (learned ? textOf(learned) : '');
  return byOutcomes(key, () => assess(results, known, bench, circumstances, learned));
}

/** The confirmed cases as a text: another for each. */
const textOf = keptPerObject((learned: Learned) => JSON.stringify(learned));
