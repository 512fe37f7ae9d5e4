import type { z } from 'zod';
import {
  isolationInput,
  type IsolationInput,
  type IsolationPlan,
  type NextTrial,
  type PlannedTrial,
} from './schema.ts';

/**
 * Which loads to connect for each trial energising, to find the one faulty thing at the least expected cost:
 * exactly, over all adaptive plans, by dynamic programming over what may still be faulty.
 *
 * Exactly one thing is faulty: one candidate, or the fixed wiring, which is always connected. A trial trips if
 * and only if the fault is connected. What holds clears all that was connected, and the wiring; what trips clears
 * all that was not.
 *
 * @param input candidates with their weights, the weight of the wiring, what a trial costs that trips or holds, and
 *   how often it may trip at most
 * @returns expected cost, what to connect first, and the whole tree of decisions
 * @throws ZodError where an id is used twice or a figure is impossible
 * @example isolationPlan({ candidates: [{ id: 'kettle', prior: 1 }], wiringPrior: 1 }).firstConnect // []
 */
export function isolationPlan(input: IsolationInput): IsolationPlan {
  const question = isolationInput.parse(input);
  // What cannot be faulty needs no trial.
  const candidates = question.candidates.filter(({ prior }) => prior > 0);
  const plan = new Plan({ ...question, candidates });
  const all = 2 ** candidates.length - 1;
  const { cost, trips } = plan.best(all, question.wiringPrior > 0, question.maxTrips);
  const steps = plan.steps(all, question.wiringPrior > 0, trips);
  const total = question.wiringPrior + candidates.reduce((sum, { prior }) => sum + prior, 0);
  return { expectedCost: cost / total, firstConnect: steps[0]?.connect ?? [], steps };
}

/** What may still be faulty: a set of candidates, a bit each, with or without the wiring. */
interface Table {
  /** Least cost from each set, times its weight; without the wiring, and with it. */
  cost: readonly [Float64Array, Float64Array];
  /** What to connect. */
  connect: readonly [Int32Array, Int32Array];
}

type Question = z.output<typeof isolationInput>;

class Plan {
  private readonly weights: Float64Array;
  /** Tables by how many trips are left; the last one without a limit. */
  private readonly tables = new Map<number, Table>();

  constructor(private readonly question: Question) {
    const { candidates } = question;
    this.weights = new Float64Array(2 ** candidates.length);
    candidates.forEach(({ prior }, i) => {
      const half = 2 ** i;
      for (let rest = 0; rest < half; rest++) this.weights[half + rest] = this.weights[rest]! + prior;
    });
  }

  /** The least cost, and the number of trips that the plan is allowed; `Infinity` where it keeps to the limit anyway. */
  best(all: number, wiring: boolean, maxTrips = Infinity): { cost: number; trips: number } {
    const at = wiring ? 1 : 0;
    const free = this.table(Infinity).cost[at][all]!;
    if (mostTrips(this.steps(all, wiring, Infinity)) <= maxTrips) return { cost: free, trips: Infinity };
    return { cost: this.table(maxTrips).cost[at][all]!, trips: maxTrips };
  }

  private table(trips: number): Table {
    const known = this.tables.get(trips);
    if (known) return known;
    const size = this.weights.length;
    const table: Table = {
      cost: [new Float64Array(size), new Float64Array(size)],
      connect: [new Int32Array(size), new Int32Array(size)],
    };
    this.tables.set(trips, table);
    // Without a limit a trip leads to a smaller set of the same table.
    const afterTrip = trips === Infinity ? table : trips > 0 ? this.table(trips - 1) : null;
    for (let set = 1; set < size; set++) {
      this.fill(table, afterTrip, set, 0);
      this.fill(table, afterTrip, set, 1);
    }
    return table;
  }

  /** The best trial where these may be faulty, and the wiring (1) or not (0). */
  private fill(table: Table, afterTrip: Table | null, set: number, wiring: 0 | 1): void {
    const { weights, question } = this;
    const { tripCost, holdCost, wiringPrior } = question;
    if (wiring === 0 && (set & (set - 1)) === 0) return;
    if (afterTrip === null) {
      table.cost[wiring][set] = Infinity;
      return;
    }
    const whenHeld = table.cost[0];
    const whenTripped = afterTrip.cost[wiring];
    const certain = wiring === 1 ? tripCost * wiringPrior : 0;
    let least = Infinity;
    let chosen = 0;
    // All parts of the set but the whole; the empty one only where the wiring may trip it.
    for (let part = (set - 1) & set; ; part = (part - 1) & set) {
      if (part === 0 && wiring === 0) break;
      const rest = set & ~part;
      const cost =
        certain +
        tripCost * weights[part]! +
        holdCost * weights[rest]! +
        whenTripped[part]! +
        whenHeld[rest]!;
      if (cost < least) {
        least = cost;
        chosen = part;
      }
      if (part === 0) break;
    }
    table.cost[wiring][set] = least;
    table.connect[wiring][set] = chosen;
  }

  /** The decisions from a set on, the first one first. */
  steps(set: number, wiring: boolean, trips: number): PlannedTrial[] {
    const steps: PlannedTrial[] = [];
    this.follow(set, wiring, trips, steps);
    return steps;
  }

  private follow(set: number, wiring: boolean, trips: number, steps: PlannedTrial[]): NextTrial {
    const { candidates } = this.question;
    if (set === 0) return { fault: null };
    if (!wiring && (set & (set - 1)) === 0) return { fault: candidates[Math.log2(set)]!.id };
    const part = this.table(trips).connect[wiring ? 1 : 0][set]!;
    const step = steps.length;
    const trial: PlannedTrial = {
      connect: candidates.filter((_candidate, i) => (part >> i) & 1).map(({ id }) => id),
      ifTrips: { step },
      ifHolds: { step },
    };
    steps.push(trial);
    trial.ifTrips = this.follow(part, wiring, trips - 1, steps);
    trial.ifHolds = this.follow(set & ~part, false, trips, steps);
    return { step };
  }
}

/** How often the worst path of a plan trips. */
function mostTrips(steps: readonly PlannedTrial[]): number {
  const from = (next: NextTrial): number => {
    if (!('step' in next)) return 0;
    const { ifTrips, ifHolds } = steps[next.step]!;
    return Math.max(1 + from(ifTrips), from(ifHolds));
  };
  return steps.length === 0 ? 0 : from({ step: 0 });
}
