import { LuDecomposition, Matrix } from 'ml-matrix';

/** A resistance between two nodes; with a voltage of its own it is a source, `from` being its plus. */
export interface Branch {
  from: string;
  to: string;
  /** Ω; `Infinity`: open. */
  ohms: number;
  /** V */
  emf?: number;
}

/** What a network does: volts of each node to the reference, amps of each branch from `from` to `to` inside it. */
export interface Solved {
  volts: (node: string) => number;
  /** Through the branch, in A, from its `from` to its `to`. */
  amps: (branch: Branch) => number;
}

/** A branch this good is taken as a wire; dividing by less loses digits. */
const LEAST_OHMS = 1e-6;
/** What every node leaks to the reference, 1/Ω: nothing floats quite free, and a meter sees nothing there. */
export const STRAY_CONDUCTANCE = 1e-8;

/**
 * Solve a network of resistances and sources by nodal analysis (Kirchhoff’s current law at every node).
 *
 * @param reference the node that has 0 V
 * @example solveNetwork([{ from: 'live', to: 'n', ohms: 1, emf: 120 }, { from: 'live', to: 'n', ohms: 11 }], 'n')
 *   .volts('live') // 110
 */
export function solveNetwork(branches: readonly Branch[], reference: string): Solved {
  const closed = branches.filter(({ ohms }) => ohms < Infinity);
  const nodes = [...new Set(closed.flatMap(({ from, to }) => [from, to]))].filter(
    (node) => node !== reference,
  );
  const at = new Map(nodes.map((node, i) => [node, i]));
  const conductances = Matrix.zeros(nodes.length, nodes.length);
  const currents = Matrix.zeros(nodes.length, 1);
  const add = (row: number | undefined, column: number | undefined, value: number) => {
    if (row !== undefined && column !== undefined)
      conductances.set(row, column, conductances.get(row, column) + value);
  };
  nodes.forEach((_node, i) => add(i, i, STRAY_CONDUCTANCE));
  for (const { from, to, ohms, emf = 0 } of closed) {
    const [a, b] = [at.get(from), at.get(to)];
    const conductance = 1 / Math.max(LEAST_OHMS, ohms);
    add(a, a, conductance);
    add(b, b, conductance);
    add(a, b, -conductance);
    add(b, a, -conductance);
    if (a !== undefined) currents.set(a, 0, currents.get(a, 0) + conductance * emf);
    if (b !== undefined) currents.set(b, 0, currents.get(b, 0) - conductance * emf);
  }
  const solution = nodes.length > 0 ? new LuDecomposition(conductances).solve(currents) : currents;
  const volts = (node: string) => {
    const i = at.get(node);
    return i === undefined ? 0 : solution.get(i, 0);
  };
  return {
    volts,
    amps: ({ from, to, ohms, emf = 0 }) =>
      ohms === Infinity ? 0 : (volts(from) - volts(to) - emf) / Math.max(LEAST_OHMS, ohms),
  };
}
