import { CAUSE_IDS, type CauseId } from '../../facts/vocabulary/index.ts';
import { closedShare, pathWith, type PathState, type ReadingContext } from '../path/index.ts';
import { CAUSE_FACTS, type Signs } from '../causeFacts/index.ts';

export { CAUSE_IDS };

/** A cause at one place of the path. All probabilities are worked out over these, and told by cause. */
export interface Hypothesis {
  cause: CauseId;
  /** Position of the cause in `CAUSE_IDS`. */
  causeIndex: number;
  /** Share of the cause’s cases, however the contacts stood when the voltages were read. */
  share: number;
  path: PathState;
  /** What this place shows otherwise than the cause’s other places. */
  signs: Signs;
}

/** Every cause at every place it may sit. */
export const HYPOTHESES: readonly Hypothesis[] = CAUSE_IDS.flatMap((cause, causeIndex) => {
  const { places } = CAUSE_FACTS[cause];
  const total = places.reduce((sum, { share }) => sum + share, 0);
  return places.flatMap(({ share, path, signs = {} }): Hypothesis[] => {
    const whole = { cause, causeIndex, share: share / total, path: pathWith(path), signs };
    // With the handle not on, the voltages are read with the contacts open or, after a reset, closed.
    return whole.path.handle === 'on'
      ? [whole]
      : [whole, { ...whole, path: { ...whole.path, isReadOpen: true } }];
  });
});

/**
 * Shares of the hypotheses within their causes, given the resets and handle positions before the voltages were read.
 *
 * @param context poles of the breaker, whether a reset was complete and held
 * @returns a share for each entry of HYPOTHESES, 0 to 1; the shares of one cause add up to 1
 * @example sharesOf({ poles: 1, resetHeld: null, resetComplete: null }).length === HYPOTHESES.length // true
 */
export const sharesOf = (context: ReadingContext): Float64Array =>
  Float64Array.from(HYPOTHESES, ({ share, path: { handle, isReadOpen } }) => {
    const closed = closedShare(handle, context);
    return share * (isReadOpen ? 1 - closed : closed);
  });

const CAUSE_OF = Int16Array.from(HYPOTHESES, ({ causeIndex }) => causeIndex);

/**
 * Probabilities by cause, from probabilities by hypothesis.
 *
 * @param belief probability of each hypothesis
 * @returns probability of each cause, in the vocabulary’s order
 * @example byCause(Float64Array.from(HYPOTHESES, ({ share }) => share)).length // 35
 */
export function byCause(belief: Float64Array): Float64Array {
  const sums = new Float64Array(CAUSE_IDS.length);
  for (let h = 0; h < belief.length; h++) sums[CAUSE_OF[h]!]! += belief[h]!;
  return sums;
}

/**
 * The probability of each cause together with an outcome, without a copy of the belief.
 *
 * @param belief probability of each hypothesis
 * @param chances of the outcome under each hypothesis
 * @returns by cause, in the vocabulary’s order; the sum is the probability of the outcome
 * @example byCauseGiven(belief, belief.map(() => 1)) // byCause(belief)
 */
export function byCauseGiven(belief: Float64Array, chances: ArrayLike<number>): Float64Array {
  const sums = new Float64Array(CAUSE_IDS.length);
  for (let h = 0; h < belief.length; h++) sums[CAUSE_OF[h]!]! += belief[h]! * chances[h]!;
  return sums;
}

/**
 * The same belief with other probabilities of the causes; within a cause the places keep their proportions.
 *
 * @param belief probability of each hypothesis
 * @param wanted probability of each cause
 * @returns probability of each hypothesis
 * @example withCauses(belief, byCause(belief)) // the same belief
 */
export function withCauses(belief: Float64Array, wanted: Float64Array): Float64Array {
  const now = byCause(belief);
  return belief.map((p, h) => {
    const cause = CAUSE_OF[h]!;
    return now[cause]! > 0 ? (p * wanted[cause]!) / now[cause]! : 0;
  });
}
