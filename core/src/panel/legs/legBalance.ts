import { exceeds } from '../../facts/quantities/index.ts';
import { nearestPair, setsOfMoves, type Mover, type SetsOfMoves } from './moveSums.ts';
import { legBalanceInput, type LegBalance, type LegBalanceInput } from './schema.ts';

interface Found {
  off: number;
  first: number;
  second: number;
}

/**
 * Which circuits to move to the other leg, so that the legs carry alike: for each number of moves the best there is. Exact:
 * the circuits are split in two, all sets of each half are listed by what they change, and the halves are met.
 *
 * @param input circuits of one pole with their leg and current (A), free spaces on each leg, and the most moves
 * @returns both legs (A) as they are, and after each number of moves that is better than fewer
 * @throws ZodError where a figure is impossible or an id stands twice
 * @example
 * legBalance({ circuits: [{ id: '1', leg: 'A', amps: 14 }, { id: '5', leg: 'A', amps: 6 }], freeSpaces: { A: 0, B: 1 } }).options
 *   // [{ moves: 1, move: ['5'], A: 14, B: 6, imbalanceAmps: 8 }]
 */
export function legBalance(input: LegBalanceInput): LegBalance {
  const { circuits, freeSpaces, maxMoves } = legBalanceInput.parse(input);
  const sumsWith = (moved: ReadonlySet<string>) => {
    const on = { A: 0, B: 0 };
    for (const { id, leg, amps } of circuits) on[moved.has(id) === (leg === 'A') ? 'B' : 'A'] += amps;
    return { ...on, imbalanceAmps: Math.abs(on.A - on.B) };
  };
  const before = sumsWith(new Set());
  const movable = circuits.filter(({ movable: may }) => may);
  const movers = movable.map(({ leg, amps }): Mover => {
    const fromA = leg === 'A';
    return { fromA, change: fromA ? -2 * amps : 2 * amps };
  });
  const half = Math.ceil(movers.length / 2);
  const [first, second] = [movers.slice(0, half), movers.slice(half)].map((some) =>
    setsOfMoves(some, maxMoves),
  );
  const fits = (one: SetsOfMoves, other: SetsOfMoves) => {
    const toB = one.fromA + other.fromA - one.fromB - other.fromB;
    return toB <= freeSpaces.B && -toB <= freeSpaces.A;
  };
  const options: LegBalance['options'] = [];
  let least = before.imbalanceAmps;
  for (let moves = 1; moves <= Math.min(maxMoves, movers.length); moves++) {
    let best: Found | null = null;
    for (const one of first!)
      for (const other of second!) {
        if (one.fromA + one.fromB + other.fromA + other.fromB !== moves || !fits(one, other)) continue;
        const { off, i, j } = nearestPair(one.sums, other.sums, before.B - before.A);
        if (best === null || off < best.off)
          best = { off, first: one.members[i]!, second: other.members[j]! };
      }
    if (best === null || !exceeds(least, best.off)) continue;
    const { first: low, second: high } = best;
    const move = movable
      .filter((_circuit, i) => (i < half ? (low >>> i) & 1 : (high >>> (i - half)) & 1) === 1)
      .map(({ id }) => id);
    const after = sumsWith(new Set(move));
    options.push({ moves, move, ...after });
    least = after.imbalanceAmps;
    if (!exceeds(least, 0)) break;
  }
  return { before, options };
}
