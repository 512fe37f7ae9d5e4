import { isolationCandidates, isolationPlan, narrow, type Narrowed } from '../isolation/index.ts';
import { asTrial, outcomeOf, type Evidence, type IsolationEvent } from '../evidence/index.ts';
import type { CauseId } from '../../facts/vocabulary/index.ts';

/** Where an isolation stands. */
export interface Isolation extends Narrowed {
  candidates: string[];
  trials: IsolationEvent[];
  /** What to connect for the next trial; `null`: nothing is left to try. */
  connect: string[] | null;
  /** Chance of each suspect, and of the wiring (`null`), likeliest first. */
  chances: { name: string | null; chance: number }[];
  /** The one thing it is. `{ name: null }`: the fixed wiring. */
  found: { name: string | null } | null;
}

/** A trip costs contacts and fright, a hold a minute. */
const COSTS = { tripCost: 5, holdCost: 1 } as const;
/** How likely it is the wiring, against the things connected to it, before anything is known. */
const USUAL_WIRING = 0.2;
/** Faults that sit in one thing connected, or in the wiring. */
const CONNECTED: readonly CauseId[] = ['appliance-fault', 'ground-leakage', 'arcing-connection'];

/**
 * Where the isolation of a case stands, and what to connect next.
 *
 * @param names what is connected to the circuit
 * @param trials those of the case, oldest first
 * @param chances of the causes, as the engine has them
 */
export function isolationOf(
  evidence: Evidence,
  names: readonly string[],
  trials: IsolationEvent[],
  chances: ReadonlyMap<CauseId, number>,
): Isolation {
  const chanceOf = (cause: CauseId) => chances.get(cause) ?? 0;
  const candidates = [...new Set(names)];
  const narrowed = narrow(candidates, trials.map(asTrial));
  const { suspects, wiring } = narrowed;
  const tripped = trials.filter(({ result }) => result === 'tripped').length;
  const inThings = CONNECTED.reduce((sum, cause) => sum + chanceOf(cause), 0);
  const inWiring = chanceOf('wiring-short');
  const weighed = isolationCandidates(suspects, evidence.circuit?.loads ?? []);
  const sum = weighed.reduce((total, { prior }) => total + prior, 0);
  const share = inWiring + inThings > 0 ? inWiring / (inWiring + inThings) : USUAL_WIRING;
  const wiringPrior = wiring ? Math.max(0.02, Math.min(0.98, share)) : 0;
  const things = weighed.map(({ id, prior }) => ({ id, prior: (prior / (sum || 1)) * (1 - wiringPrior) }));
  const left = suspects.length + (wiring ? 1 : 0);
  const plan =
    left > 1
      ? isolationPlan({
          candidates: things,
          wiringPrior,
          ...COSTS,
          maxTrips: Math.max(1, evidence.policies.trialsIntoShort - tripped),
        })
      : null;
  return {
    ...narrowed,
    candidates,
    trials,
    connect: plan?.firstConnect ?? null,
    chances: [
      ...things.map(({ id, prior }) => ({ name: id, chance: prior })),
      ...(wiring ? [{ name: null, chance: wiringPrior }] : []),
    ].sort((a, b) => b.chance - a.chance),
    found: left === 1 ? { name: suspects[0] ?? null } : null,
  };
}

/** Whether it trips at once with its loads and not bare, so that one of them is to be found. */
export function tripsAtOnceWithLoads(evidence: Evidence): boolean {
  const withLoads = outcomeOf(evidence, 'reset-result');
  return (
    outcomeOf(evidence, 'reset-result-unplugged') === 'holds' &&
    (withLoads === 'trips-at-once' || withLoads === 'trips-in-seconds')
  );
}
