import { CAUSE_FACTS, type Gravity, type RemedialAction } from '../causeFacts/index.ts';
import type { CauseId } from '../../facts/vocabulary/index.ts';

/*
 * What it costs to be wrong, in the price of a needless breaker swap (10). Leaving a hazard energised is far worse than
 * a needless part; a needless panel is far worse than a needless breaker.
 */

/** What an action costs where it was not needed. */
export const NEEDLESS: Record<RemedialAction, number> = {
  'complete-reset': 1,
  'reset-and-watch': 1,
  'reset-other-device': 1,
  'size-down': 10,
  'size-up': 25,
  'split-circuit': 60,
  rewire: 90,
  'replace-breaker': 10,
  'replace-breaker-and-remake-joint': 13,
  'replace-panel': 250,
  'replace-main': 70,
  'shed-load': 2,
  'repair-appliance': 5,
  'repair-wiring': 18,
  'separate-conductors': 10,
  'dry-and-inspect': 12,
  'cool-surroundings': 6,
  'call-utility': 12,
  'remake-joint': 8,
  'make-safe-and-call': 14,
  'repair-neutral': 14,
  'replace-device': 4,
  'wait-for-supply': 3,
  'correct-directory': 4,
  keep: 0.5,
};

/** Actions after which the circuit carries current as before: whatever is wrong with it goes on. */
export const ENERGISES: ReadonlySet<RemedialAction> = new Set([
  'complete-reset',
  'reset-and-watch',
  'reset-other-device',
  'size-up',
  'shed-load',
  'cool-surroundings',
  'replace-device',
  'wait-for-supply',
  'keep',
]);

/** Work that does not touch the circuit: it goes on as before, though somebody who knows has heard of it. */
const ELSEWHERE: ReadonlySet<RemedialAction> = new Set([
  'repair-appliance',
  'call-utility',
  'correct-directory',
]);

/**
 * Whether the circuit carries current as before while an action is carried out.
 *
 * @param action
 * @returns whether it stays on, or somebody works elsewhere meanwhile
 * @example staysEnergized('replace-breaker') // false
 */
export const staysEnergized = (action: RemedialAction): boolean =>
  ENERGISES.has(action) || ELSEWHERE.has(action);

/**
 * What it costs to leave a cause as it is, a nuisance, a cause of damage, a danger to life, or nothing at all: with the circuit
 * energised as before; while somebody works elsewhere; and after work by an electrician with the panel dead, who sees
 * what was not looked for.
 */
const LEFT = {
  nuisance: { energised: 12, elsewhere: 10, worked: 5 },
  damage: { energised: 30, elsewhere: 24, worked: 11 },
  danger: { energised: 130, elsewhere: 55, worked: 30 },
  nothing: { energised: 0, elsewhere: 0, worked: 0 },
} as const satisfies Record<Gravity, object>;

/**
 * Whether a cause endangers life while its circuit is energised.
 *
 * @param cause id of the cause
 * @returns whether it is a danger, not a nuisance
 * @example endangers('burnt-stab') // true
 */
export const endangers = (cause: CauseId): boolean => CAUSE_FACTS[cause].gravity === 'danger';

/** Made safe, nothing is energised: what is left is the nuisance of being without power. */
const LEFT_WHEN_SAFE = 4;

/** Actions that also do, though another would be the right one: this share of the loss is left. */
export const NEARLY = 0.25;

/**
 * What an action costs under a cause.
 *
 * @param action that is carried out
 * @param cause that is really there
 * @param right the actions that put this cause right, the right one first, then those that also do
 * @returns the loss; 0 for the right action
 * @example loss('reduce-load', 'overload', ['reduce-load']) // 0
 */
export function loss(action: RemedialAction, cause: CauseId, right: readonly RemedialAction[]): number {
  const at = right.indexOf(action);
  if (at === 0) return 0;
  if (action === 'make-safe-and-call') return NEEDLESS[action] + LEFT_WHEN_SAFE;
  const how = ENERGISES.has(action) ? 'energised' : ELSEWHERE.has(action) ? 'elsewhere' : 'worked';
  const left = LEFT[CAUSE_FACTS[cause].gravity][how];
  const whole = NEEDLESS[action] + left;
  return at > 0 ? NEARLY * Math.min(whole, NEEDLESS[action] + LEFT.nuisance.energised) : whole;
}

/** What it costs to ask for another look: time, and the wait. */
export const ASKING = 11;
