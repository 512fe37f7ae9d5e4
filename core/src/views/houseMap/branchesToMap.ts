import { disconnectsOf } from '../../panel/layout/index.ts';
import { suspensionOf, type Board } from '../board/index.ts';

type BoardBreaker = Board['breakers'][number];

/** The branch breakers of a panel as mapping treats them. */
export interface BranchesToMap {
  /** They may be turned off in a round. */
  usable: BoardBreaker[];
  /** Not on, or with a hazard: nobody turns them on or off for a map. */
  leftAlone: BoardBreaker[];
  /** Above the split of a split bus: one of them feeds the whole lower section, so they stay on. */
  disconnects: BoardBreaker[];
}

/**
 * Which breakers a circuit map may turn off.
 *
 * @param board a panel with its breakers, their handles and decisions
 * @returns each branch breaker once
 * @example branchesToMap({ panel, breakers: [] }).usable // []
 */
export function branchesToMap({ panel, breakers }: Pick<Board, 'panel' | 'breakers'>): BranchesToMap {
  const suspension = suspensionOf(breakers);
  const disconnects = new Set(
    disconnectsOf(
      panel,
      breakers.map(({ breaker }) => breaker),
    ).map(({ id }) => id),
  );
  const found: BranchesToMap = { usable: [], leftAlone: [], disconnects: [] };
  for (const one of breakers) {
    if (one.breaker.role !== 'branch') continue;
    if (suspension.ofBreaker('mapping', one) || one.handle !== 'on') found.leftAlone.push(one);
    else if (disconnects.has(one.breaker.id)) found.disconnects.push(one);
    else found.usable.push(one);
  }
  return found;
}
