import { spacesOf } from '@phylaxon/core/panel/layout';
import type { Board, BoardBreaker } from '@phylaxon/core/views/board';

/** The breaker that sits in a space. */
export const breakerAt = (board: Board, space: number): BoardBreaker | null =>
  board.breakers.find(({ breaker }) => spacesOf(breaker).includes(space)) ?? null;
