import { describe, expect, test } from '@jest/globals';
import { runs } from '../../testing/index.ts';
import fc from 'fast-check';
import {
  isolationOutput,
  isolationPlan,
  type IsolationInput,
  type NextTrial,
  type PlannedTrial,
} from './index.ts';

const candidates = (...priors: number[]) => priors.map((prior, i) => ({ id: `load ${i + 1}`, prior }));

describe('the isolation plan', () => {
  test('one candidate: bare first, which parts it from the wiring', () => {
    const plan = isolationPlan({ candidates: candidates(0.8) });
    expect(plan.firstConnect).toEqual([]);
    expect(plan.steps).toEqual([{ connect: [], ifTrips: { fault: null }, ifHolds: { fault: 'load 1' } }]);
    // 0.2 × 5 + 0.8 × 1
    expect(plan.expectedCost).toBeCloseTo(1.8, 12);
  });

  test('where the wiring cannot be it, a single candidate needs no trial', () => {
    expect(isolationPlan({ candidates: candidates(3), wiringPrior: 0 })).toEqual({
      expectedCost: 0,
      firstConnect: [],
      steps: [],
    });
  });

  test('trips that cost no more than holds are halved, like any search', () => {
    const plan = isolationPlan({
      candidates: candidates(1, 1, 1, 1),
      wiringPrior: 0,
      tripCost: 1,
      holdCost: 1,
    });
    expect(plan.expectedCost).toBeCloseTo(2, 12);
    expect(plan.firstConnect).toHaveLength(2);
  });

  test('with one trip at most, one at a time: the likeliest last to be left unconnected', () => {
    const plan = isolationPlan({ candidates: candidates(5, 1, 1), maxTrips: 1 });
    for (const fault of ['load 1', 'load 2', 'load 3', null])
      expect(walk(plan.steps, fault, { tripCost: 5, holdCost: 1 }).trips).toBeLessThanOrEqual(1);
    expect(plan.firstConnect).toEqual([]);
  });

  test('refuses more than 14, ids used twice, nothing that could be it', () => {
    const ask = (input: IsolationInput) => () => isolationPlan(input);
    expect(ask({ candidates: candidates(...Array.from({ length: 15 }, () => 1)) })).toThrow(/at most 14/);
    expect(ask({ candidates: [...candidates(1), ...candidates(1)] })).toThrow(/used twice/);
    expect(ask({ candidates: candidates(0), wiringPrior: 0 })).toThrow(/above 0/);
    expect(ask({ candidates: candidates(1), maxTrips: 0 })).toThrow(/at least one trip/);
  });
});

describe('laws', () => {
  const question = fc.record({
    candidates: fc
      .array(fc.double({ min: 0.05, max: 5, noNaN: true }), { minLength: 1, maxLength: 5 })
      .map((priors) => candidates(...priors)),
    wiringPrior: fc.oneof(fc.constant(0), fc.double({ min: 0.05, max: 3, noNaN: true })),
    tripCost: fc.double({ min: 0, max: 10, noNaN: true }),
    holdCost: fc.double({ min: 0, max: 3, noNaN: true }),
    maxTrips: fc.option(fc.integer({ min: 1, max: 4 }), { nil: undefined }),
  });

  test('the cost is that of the best of all plans, found by trying them', () => {
    fc.assert(
      fc.property(question, (q) => {
        const { expectedCost } = isolationPlan(q);
        const things = [
          ...q.candidates.map(({ prior }) => prior),
          ...(q.wiringPrior > 0 ? [q.wiringPrior] : []),
        ];
        const wiring = q.wiringPrior > 0 ? things.length - 1 : null;
        const all = things.map((_prior, i) => i);
        const total = things.reduce((a, b) => a + b, 0);
        expect(expectedCost).toBeCloseTo(
          bruteForce(things, wiring, q, all, q.maxTrips ?? Infinity) / total,
          9,
        );
      }),
      { numRuns: runs(50, 150) },
    );
  });

  test('the tree finds every fault, costs what is said, and trips no oftener than allowed', () => {
    fc.assert(
      fc.property(question, (q) => {
        const plan = isolationPlan(q);
        expect(isolationOutput.parse(plan)).toEqual(plan);
        const faults: [string | null, number][] = [
          ...q.candidates.map(({ id, prior }): [string, number] => [id, prior]),
          ...(q.wiringPrior > 0 ? [[null, q.wiringPrior] as [null, number]] : []),
        ];
        let [cost, total] = [0, 0];
        for (const [fault, weight] of faults) {
          const walked = walk(plan.steps, fault, q);
          expect(walked.found).toBe(fault);
          expect(walked.trips).toBeLessThanOrEqual(q.maxTrips ?? Infinity);
          cost += weight * walked.cost;
          total += weight;
        }
        expect(plan.expectedCost).toBeCloseTo(cost / total, 9);
      }),
      { numRuns: runs(50, 150) },
    );
  });

  test('more trips allowed never cost more', () => {
    fc.assert(
      fc.property(question, (q) => {
        const costs = [1, 2, 3, undefined].map((maxTrips) => isolationPlan({ ...q, maxTrips }).expectedCost);
        for (let i = 1; i < costs.length; i++) expect(costs[i]!).toBeLessThanOrEqual(costs[i - 1]! + 1e-9);
      }),
      { numRuns: 60 },
    );
  });
});

type Costs = { tripCost: number; holdCost: number };

/** By the words of the definition, without remembering anything: the cost times the weight of what is left. */
function bruteForce(
  weights: number[],
  wiring: number | null,
  costs: Costs,
  left: number[],
  trips: number,
): number {
  if (left.length === 1) return 0;
  const loads = left.filter((i) => i !== wiring);
  let least = Infinity;
  for (let n = 0; n < 2 ** loads.length; n++) {
    const connected = loads.filter((_load, i) => (n >> i) & 1);
    const tripping = left.filter((i) => connected.includes(i) || i === wiring);
    const holding = left.filter((i) => !tripping.includes(i));
    if (tripping.length === 0 || holding.length === 0 || trips === 0) continue;
    const weigh = (list: number[]) => list.reduce((sum, i) => sum + weights[i]!, 0);
    const cost =
      costs.tripCost * weigh(tripping) +
      costs.holdCost * weigh(holding) +
      bruteForce(weights, wiring, costs, tripping, trips - 1) +
      bruteForce(weights, wiring, costs, holding, trips);
    least = Math.min(least, cost);
  }
  return least;
}

/** Follow the plan with a fault: what it finds, what that costs, how often it trips. */
function walk(steps: PlannedTrial[], fault: string | null, costs: Costs) {
  let at: NextTrial = steps.length > 0 ? { step: 0 } : { fault };
  let [cost, trips] = [0, 0];
  while ('step' in at) {
    const { connect, ifTrips, ifHolds }: PlannedTrial = steps[at.step]!;
    const tripped = fault === null || connect.includes(fault);
    cost += tripped ? costs.tripCost : costs.holdCost;
    trips += Number(tripped);
    at = tripped ? ifTrips : ifHolds;
  }
  return { found: at.fault, cost, trips };
}
