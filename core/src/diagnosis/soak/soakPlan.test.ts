import fc from 'fast-check';
import { describe, expect, test } from '@jest/globals';
import { aBreaker, aCircuit } from '../../testing/index.ts';
import { soakPlan, type SoakCircuit } from './index.ts';

const load = (id: string, watts: number) => ({
  ...aCircuit().loads[0]!,
  id,
  name: id,
  volts: 120 as const,
  watts,
  voltAmperes: null,
});
const branch = (space: number, ratingAmps: number, watts: number[], poles: 1 | 2 = 1): SoakCircuit => ({
  breaker: { ...aBreaker(), id: `b${space}`, space, half: null, poles, ratingAmps, role: 'branch' },
  circuit: { label: `Circuit ${space}`, loads: watts.map((one, i) => load(`${space}.${i}`, one)) },
});
const main = {
  breaker: {
    ...aBreaker(),
    id: 'main',
    role: 'main' as const,
    space: null,
    half: null,
    poles: 2 as const,
    ratingAmps: 125,
  },
  circuit: null,
};

describe('a soak', () => {
  test('the larger loads first, each on the leg that carries less', () => {
    const { steps, legs } = soakPlan(
      [branch(1, 20, [1200]), branch(2, 20, [600]), branch(3, 20, [1440]), branch(4, 20, [240])],
      100,
    );
    // Spaces 1 and 2 are on leg A, 3 and 4 on leg B.
    expect(steps.map(({ load: name }) => name)).toEqual(['1.0', '3.0', '2.0', '4.0']);
    expect(legs).toEqual({ A: 15, B: 14 });
  });

  test('what would overload its breaker or a leg stays off, and it is said which', () => {
    expect(soakPlan([branch(1, 15, [1500, 600])], 100).leftOff).toEqual([
      expect.objectContaining({ load: '1.1', amps: 5, why: 'breaker' }),
    ]);
    expect(soakPlan([branch(1, 15, [1500]), branch(5, 20, [2000])], 25).leftOff).toEqual([
      expect.objectContaining({ load: '1.0', why: 'leg' }),
    ]);
  });

  test('three time constants of the largest rating, half an hour at least', () => {
    expect(soakPlan([branch(1, 15, [])], null)).toMatchObject({ minutes: 30, byRatingAmps: 15 });
    // 789 s three times: 39.5 min
    expect(soakPlan([branch(1, 15, [])], 125)).toMatchObject({ minutes: 40, byRatingAmps: 125 });
  });

  test('the walk: the main, down the left side, up the right', () => {
    const { walk } = soakPlan(
      [branch(4, 20, []), branch(1, 20, []), branch(2, 20, []), main, branch(3, 20, [])],
      125,
    );
    expect(walk).toEqual(['main', 'b1', 'b3', 'b4', 'b2']);
  });

  test('no breaker beyond its rating, no leg beyond four fifths of the main, every load once', () => {
    const circuits = fc
      .array(
        fc.tuple(fc.constantFrom(15, 20, 30), fc.array(fc.integer({ min: 50, max: 4000 }), { maxLength: 4 })),
        { minLength: 1, maxLength: 16 },
      )
      .map((list) => list.map(([rating, watts], i) => branch(i + 1, rating, watts)));
    fc.assert(
      fc.property(circuits, fc.constantFrom(60, 100, 200), (list, mainAmps) => {
        const { steps, leftOff, ampsOf } = soakPlan(list, mainAmps);
        for (const step of steps)
          expect(Math.max(step.legs.A, step.legs.B)).toBeLessThanOrEqual(0.8 * mainAmps + 1e-6);
        for (const { breaker } of list)
          expect(ampsOf[breaker.id] ?? 0).toBeLessThanOrEqual(breaker.ratingAmps + 1e-6);
        const all = list.flatMap(({ circuit }) => circuit!.loads.map(({ name }) => name));
        expect([...steps, ...leftOff].map(({ load: name }) => name).sort()).toEqual(all.sort());
      }),
    );
  });
});
