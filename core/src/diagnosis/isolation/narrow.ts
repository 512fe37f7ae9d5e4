/** One trial of an isolation: what was connected, and whether it tripped. */
export interface IsolationTrial {
  connected: readonly string[];
  tripped: boolean;
}

/** What is left after some trials. */
export interface Narrowed {
  /** Candidates that may still be it, in their order. */
  suspects: string[];
  /** Candidates that cannot be it. */
  cleared: string[];
  /** Whether the fixed wiring, always connected, may still be it. */
  wiring: boolean;
  /** Nothing is left that could explain all trials: more than one fault, too much load together, or a slip. */
  contradiction: boolean;
}

/**
 * What the trials of an isolation leave. One thing is faulty: a trial trips if and only if it is connected.
 *
 * @param candidates everything that can be connected or not
 * @returns who is still suspect, and whether it may be the wiring
 * @example narrow(['kettle', 'lamp'], [{ connected: [], tripped: false }]) // both suspect, the wiring cleared
 */
export function narrow(candidates: readonly string[], trials: readonly IsolationTrial[]): Narrowed {
  const may = (name: string | null) =>
    trials.every(({ connected, tripped }) => (name === null || connected.includes(name)) === tripped);
  const suspects = candidates.filter(may);
  const wiring = may(null);
  return {
    suspects,
    cleared: candidates.filter((name) => !suspects.includes(name)),
    wiring,
    contradiction: suspects.length === 0 && !wiring,
  };
}
