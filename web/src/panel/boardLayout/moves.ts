import type { Board, BoardBreaker } from '@phylaxon/core/views/board';
import { placementProblem, type Placed } from '@phylaxon/core/panel/layout';
import type { Breaker, BreakerMove } from '@phylaxon/core/record/entities';
import { placeText } from '../../shared/ui/index.ts';
import type { BoardItem } from './items.ts';
import * as messages from './messages.ts';

/** A move as it would be asked for, and why it cannot be, where that is known beforehand. */
export interface PlannedMove {
  move: BreakerMove;
  place: string;
  /** The breaker it would change places with. */
  exchangedFor: Breaker | null;
  problem: string | null;
}

const placedOf = ({ id, space, poles, half }: Breaker): Placed => ({ id, space: space!, poles, half });

const sameSize = (a: Breaker, b: Breaker) => a.poles === b.poles && (a.half === null) === (b.half === null);

/**
 * What putting a breaker on another place of the board comes to. The server decides; this tells while it is
 * still in the hand.
 */
export function planMove(
  { panel, breakers }: Board,
  dragged: BoardBreaker,
  target: BoardItem,
): PlannedMove | null {
  const { breaker } = dragged;
  if (target.space === null || target.entry?.breaker.id === breaker.id) return null;
  const there = target.entry?.breaker ?? null;
  // A narrow unit takes the half it is put on; onto an empty space it keeps its own.
  const half =
    there && there.poles === 1 && breaker.poles === 1 && breaker.half !== null
      ? (there.half ?? breaker.half)
      : breaker.half;
  const exchangedFor = there && sameSize(there, breaker) ? there : null;
  const move: BreakerMove = {
    space: target.space,
    half,
    exchange: exchangedFor !== null,
    version: breaker.version,
  };
  const wanted = { ...breaker, space: target.space, half };
  const others = breakers
    .map((entry) => entry.breaker)
    .filter((one) => one.space !== null && one.id !== breaker.id && one.id !== exchangedFor?.id)
    .map(placedOf);
  const tied = [breaker, exchangedFor].find((one) => one?.tiedWith);
  const problem = tied
    ? messages.theHandleAtIsTiedTo(placeText(tied))
    : (placementProblem(panel, others, placedOf(wanted))?.message ?? null);
  return { move, place: placeText(wanted), exchangedFor, problem };
}
