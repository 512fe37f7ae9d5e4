/** A circuit that may move: what moving it does to the difference of the legs, in A. */
export interface Mover {
  fromA: boolean;
  change: number;
}

/** All sets of movers with so many from A and so many from B: what they change in all, ascending, and who they are. */
export interface SetsOfMoves {
  fromA: number;
  fromB: number;
  sums: Float64Array;
  /** Bit i: the mover at i. */
  members: Uint32Array;
}

const EMPTY: SetsOfMoves = { fromA: 0, fromB: 0, sums: Float64Array.of(0), members: Uint32Array.of(0) };

/**
 * Every set of at most so many movers, grouped by how many come from each leg, each group ascending: a mover joins by merging
 * what was there with the same shifted.
 *
 * @param movers at most 21 of them, A
 * @param most moves
 * @returns groups, by legs
 * @example setsOfMoves([{ fromA: true, change: -20 }], 6) // two groups: none, and that one
 */
export function setsOfMoves(movers: readonly Mover[], most: number): SetsOfMoves[] {
  let groups = new Map<string, SetsOfMoves>([['0 0', EMPTY]]);
  movers.forEach(({ fromA, change }, bit) => {
    const next = new Map(groups);
    for (const group of groups.values()) {
      const a = group.fromA + (fromA ? 1 : 0);
      const b = group.fromB + (fromA ? 0 : 1);
      if (a + b > most) continue;
      next.set(`${a} ${b}`, merged(groups.get(`${a} ${b}`), group, change, bit, a, b));
    }
    groups = next;
  });
  return [...groups.values()];
}

function merged(
  kept: SetsOfMoves | undefined,
  joined: SetsOfMoves,
  change: number,
  bit: number,
  fromA: number,
  fromB: number,
): SetsOfMoves {
  const old = kept?.sums.length ?? 0;
  const added = joined.sums.length;
  const sums = new Float64Array(old + added);
  const members = new Uint32Array(old + added);
  let [i, j] = [0, 0];
  for (let at = 0; at < sums.length; at++) {
    if (j >= added || (i < old && kept!.sums[i]! <= joined.sums[j]! + change)) {
      sums[at] = kept!.sums[i]!;
      members[at] = kept!.members[i++]!;
    } else {
      sums[at] = joined.sums[j]! + change;
      members[at] = joined.members[j++]! | (1 << bit);
    }
  }
  return { fromA, fromB, sums, members };
}

/**
 * The pair of sets whose changes together come nearest to a sum.
 *
 * @param first ascending
 * @param second ascending
 * @param wanted A
 * @returns how far from it, A, and the two places
 */
export function nearestPair(first: Float64Array, second: Float64Array, wanted: number) {
  let best = { off: Infinity, i: 0, j: 0 };
  for (let i = 0, j = second.length - 1; i < first.length && j >= 0;) {
    const off = first[i]! + second[j]! - wanted;
    if (Math.abs(off) < best.off) best = { off: Math.abs(off), i, j };
    if (off > 0) j--;
    else i++;
  }
  return best;
}
