import { sayBreaker } from '@phylaxon/core/panel/layout';
import type { Board } from '@phylaxon/core/views/board';

export function nameIn(board: Board, breakerId: string): string {
  const found = board.breakers.find(({ breaker }) => breaker.id === breakerId)!;
  return sayBreaker(found.breaker, found.label);
}
