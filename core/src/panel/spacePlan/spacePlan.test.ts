import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { runs } from '../../testing/index.ts';
import { slotsOf, spacesOf } from '../layout/index.ts';
import { spacePlan, type SpacePlan, type SpacePlanInput } from './index.ts';

type Breaker = SpacePlanInput['breakers'][number];

const plain = (id: string, space: number, may: Partial<Breaker> = {}): Breaker => ({
  id,
  space,
  poles: 1,
  half: null,
  movable: true,
  narrowable: false,
  ...may,
});

/** All spaces from 1 on taken by full-size breakers. */
const full = (spaces: number, may: Partial<Breaker> = {}) =>
  Array.from({ length: spaces }, (_, i) => plain(`b${i + 1}`, i + 1, may));

const ask = (change: Partial<SpacePlanInput> = {}) =>
  spacePlan({ spaces: 6, narrowSpaces: null, blocked: [], breakers: [], want: { poles: 1 }, ...change });

describe('room in a panel', () => {
  test('a free space takes it as it is', () => {
    expect(ask({ breakers: [plain('a', 1)] })).toEqual({
      possible: true,
      cost: 0,
      steps: [],
      place: { space: 2, half: null },
      via: 'free',
    });
  });

  test('two free spaces that do not lie together: one breaker moves', () => {
    const breakers = full(6).filter(({ space }) => space !== 1 && space !== 4);
    const plan = ask({ breakers, want: { poles: 2 } });
    expect(plan).toMatchObject({ possible: true, cost: 1, via: 'moves' });
  });

  test('narrow units make room where the label allows them, and nowhere else', () => {
    const breakers = full(6, { narrowable: true });
    expect(ask({ breakers })).toMatchObject({ possible: false, cost: null, via: 'none' });
    // Two of them into one listed space: a whole space is left.
    expect(ask({ breakers, narrowSpaces: [5, 6] })).toMatchObject({ cost: 4, via: 'moves' });
    expect(ask({ breakers, narrowSpaces: [5, 6], want: { poles: 2 } })).toMatchObject({ cost: 8 });
    expect(ask({ breakers, narrowSpaces: [5, 6], want: { poles: 2 }, maxCost: 7 }).possible).toBe(false);
  });

  test('half a space is the last resort of a one-pole breaker', () => {
    const breakers = [...full(6).slice(1), plain('n', 1, { half: 'upper', movable: false })];
    expect(ask({ breakers, narrowSpaces: [1] })).toMatchObject({
      cost: 0,
      place: { space: 1, half: 'lower' },
      via: 'narrow',
    });
    expect(ask({ breakers, narrowSpaces: [2] }).possible).toBe(false);
    expect(ask({ breakers, narrowSpaces: [1], want: { poles: 2 } }).possible).toBe(false);
    const tight = full(6, { movable: false, narrowable: true });
    expect(ask({ breakers: tight, narrowSpaces: [6] })).toMatchObject({
      cost: 2,
      place: { space: 6, half: 'lower' },
      via: 'narrow',
    });
  });

  test('nothing new goes above the split once six handles are there', () => {
    const six = full(6);
    const split = { spaces: 12, splitAt: 9, breakers: six };
    expect(ask({ ...split }).place).toEqual({ space: 9, half: null });
    expect(ask({ ...split, want: { poles: 1, section: 'upper' } }).possible).toBe(false);
    expect(ask({ ...split, breakers: six.slice(1), want: { poles: 1, section: 'upper' } }).place).toEqual({
      space: 1,
      half: null,
    });
    expect(() => ask({ want: { poles: 1, section: 'upper' } })).toThrow(/split bus/);
  });

  test('a two-pole breaker does not sit on both sections, and blocked spaces stay empty', () => {
    const breakers = full(12).filter(({ space }) => space !== 7 && space !== 9);
    const fixed = breakers.map((one) => ({ ...one, movable: false }));
    expect(ask({ spaces: 12, splitAt: 9, breakers: fixed, want: { poles: 2 } }).possible).toBe(false);
    expect(ask({ spaces: 12, breakers: fixed, want: { poles: 2 } }).place).toEqual({ space: 7, half: null });
    expect(ask({ spaces: 12, breakers: fixed, blocked: [9], want: { poles: 2 } }).possible).toBe(false);
  });

  test('overlaps and places beyond the panel are bad input', () => {
    expect(() => ask({ breakers: [plain('a', 1), plain('b', 1)] })).toThrow(/used twice/);
    expect(() => ask({ breakers: [plain('a', 5, { poles: 2 }), plain('b', 7)] })).toThrow(/1 to 6/);
    expect(() => ask({ spaces: 5 })).toThrow(/even/);
    expect(() => ask({ breakers: [plain('a', 1, { half: 'inner' })] })).toThrow(/quad/);
  });
});

describe('a quad, where no whole place can be had', () => {
  const quads = { quadSpaces: [1], want: { poles: 2 as const } };
  const fixed = full(6, { movable: false });
  const at = (space: number, may: Partial<Breaker>) =>
    fixed.map((one) => (one.space === space ? { ...one, ...may } : one));

  test('an empty pair takes it for nothing, if no whole place is wanted there', () => {
    // The pair itself is a whole place: that comes first.
    const breakers = fixed.filter(({ space }) => space !== 1 && space !== 3);
    expect(ask({ ...quads, breakers })).toMatchObject({ cost: 0, via: 'free' });
  });

  test('one-pole breakers become its outer poles, each in its own space', () => {
    const breakers = at(1, { narrowable: true }).map((one) =>
      one.space === 3 ? { ...one, narrowable: true } : one,
    );
    expect(ask({ ...quads, breakers })).toEqual({
      possible: true,
      cost: 4,
      steps: [
        { id: 'b1', to: { space: 1, half: 'outer' }, as: 'quad' },
        { id: 'b3', to: { space: 3, half: 'outer' }, as: 'quad' },
      ],
      place: { space: 1, half: 'inner' },
      via: 'quad',
    });
    expect(ask({ ...quads, breakers, maxCost: 3 }).possible).toBe(false);
    expect(ask({ ...quads, breakers, quadSpaces: null }).possible).toBe(false);
    expect(ask({ ...quads, breakers, blocked: [3] }).possible).toBe(false);
    expect(ask({ ...quads, breakers, want: { poles: 1 } }).possible).toBe(false);
    expect(ask({ ...quads, breakers: at(1, { narrowable: true }) }).possible).toBe(false);
  });

  test('one breaker moves out first, the other becomes an outer pole; the steps into the quad come last', () => {
    const breakers = at(1, { movable: true })
      .map((one) => (one.space === 3 ? { ...one, narrowable: true } : one))
      .filter(({ space }) => space !== 6);
    expect(ask({ ...quads, breakers })).toMatchObject({
      cost: 3,
      steps: [
        { id: 'b1', to: { space: 6, half: null }, as: 'move' },
        { id: 'b3', to: { space: 3, half: 'outer' }, as: 'quad' },
      ],
    });
  });

  test('a two-pole breaker becomes the outer pair, moved or not', () => {
    const two = plain('two', 1, { poles: 2, movable: false, narrowable: true });
    const breakers = [two, ...fixed.filter(({ space }) => space !== 1 && space !== 3)];
    expect(ask({ ...quads, breakers })).toMatchObject({
      cost: 2,
      steps: [{ id: 'two', to: { space: 1, half: 'outer' }, as: 'quad' }],
      place: { space: 1, half: 'inner' },
    });
    expect(ask({ ...quads, breakers: breakers.map((one) => ({ ...one, narrowable: false })) }).possible).toBe(
      false,
    );
    expect(ask({ ...quads, breakers, quadSpaces: [2, 3] }).possible).toBe(false);
  });

  test('a pair on both sections, or beyond the panel, takes none', () => {
    const breakers = full(12, { movable: false, narrowable: true });
    expect(ask({ spaces: 12, splitAt: 9, breakers, ...quads, quadSpaces: [7] }).possible).toBe(false);
    // Six handles and more are in the upper section.
    expect(ask({ spaces: 12, splitAt: 9, breakers, ...quads, quadSpaces: [1] }).possible).toBe(false);
    expect(ask({ spaces: 12, splitAt: 9, breakers, ...quads, quadSpaces: [9] }).via).toBe('quad');
    expect(() => ask({ ...quads, quadSpaces: [5] })).toThrow(/1 to 6/);
  });
});

/** Where everything sits: the one thing a search over single breakers needs to know. */
type Places = Map<string, { space: number; half: Breaker['half'] }>;

const takenBy = (breakers: readonly Breaker[], places: Places, leftOut?: string) =>
  new Set(
    breakers
      .filter(({ id }) => id !== leftOut)
      .flatMap((one) => slotsOf({ ...one, ...places.get(one.id)!, half: places.get(one.id)!.half ?? null }))
      .map(({ space, part }) => `${space} ${part}`),
  );

/** The least cost by trying everything: each breaker by itself, each place by itself. */
function bruteForce(q: SpacePlanInput): { cost: number; via: 'whole' | 'narrow' | 'quad' } | null {
  const listed = new Set(q.narrowSpaces ?? []);
  const shut = new Set(q.blocked);
  const splitAt = q.splitAt ?? null;
  const sectionOf = (space: number) => (splitAt === null || space < splitAt ? 'upper' : 'lower');
  const all = Array.from({ length: q.spaces }, (_, i) => i + 1).filter((space) => !shut.has(space));
  const handles = q.breakers.filter(({ space }) => splitAt !== null && space < splitAt).length;
  const takesNew = (space: number) =>
    splitAt === null ||
    ((q.want.section ?? sectionOf(space)) === sectionOf(space) &&
      (sectionOf(space) === 'lower' || handles < 6));
  const isFree = (taken: Set<string>, space: number) =>
    !shut.has(space) && space <= q.spaces && !taken.has(`${space} upper`) && !taken.has(`${space} lower`);
  const hasWhole = (taken: Set<string>) =>
    all.some((space) => {
      const place = spacesOf({ space, poles: q.want.poles });
      return (
        takesNew(space) && place.every((one) => isFree(taken, one) && sectionOf(one) === sectionOf(space))
      );
    });
  // A half is usable beside what sits in a listed space only.
  const hasHalf = (taken: Set<string>) =>
    all.some(
      (space) =>
        takesNew(space) &&
        listed.has(space) &&
        (['upper', 'lower'] as const).some((part) => !taken.has(`${space} ${part}`)),
    );
  /** What it takes to make what stands in a listed pair the outer part of a quad; `null`: it cannot be. */
  const toQuad = (places: Places): number | null => {
    const pairs = (q.quadSpaces ?? []).filter(
      (space) =>
        takesNew(space) &&
        [space, space + 2].every((one) => !shut.has(one) && sectionOf(one) === sectionOf(space)),
    );
    const costs = pairs.flatMap((space) => {
      const inside = q.breakers.filter((one) => {
        const at = { ...one, ...places.get(one.id)! };
        return spacesOf(at).some((taken) => taken === space || taken === space + 2);
      });
      const mayBeOuter = inside.every((one) => {
        const at = places.get(one.id)!;
        return one.narrowable && at.half === null && (one.poles === 1 || at.space === space);
      });
      return mayBeOuter ? [2 * inside.length] : [];
    });
    return costs.length === 0 ? null : Math.min(...costs);
  };
  const search = (costLeft: (taken: Set<string>, places: Places) => number | null) => {
    let best: number | null = null;
    const start: Places = new Map(
      q.breakers.map(({ id, space, half }) => [id, { space, half: half ?? null }]),
    );
    const keyOf = (places: Places) => JSON.stringify([...places.values()]);
    const queues: Places[][] = [[start]];
    const seen = new Set<string>();
    for (let cost = 0; cost <= (best ?? q.maxCost ?? 8); cost++)
      for (const places of queues[cost] ?? []) {
        const key = keyOf(places);
        if (seen.has(key)) continue;
        seen.add(key);
        const taken = takenBy(q.breakers, places);
        const left = costLeft(taken, places);
        if (left !== null && cost + left <= (q.maxCost ?? 8)) best = Math.min(best ?? Infinity, cost + left);
        const push = (id: string, to: { space: number; half: Breaker['half'] }, more: number) =>
          (queues[cost + more] ??= []).push(new Map(places).set(id, to));
        for (const { id, poles, movable, narrowable } of q.breakers) {
          const { space: at, half } = places.get(id)!;
          if (poles === 2 || half !== null || shut.has(at)) continue;
          const others = takenBy(q.breakers, places, id);
          for (const space of all) {
            if (sectionOf(space) !== sectionOf(at)) continue;
            if (movable && space !== at && isFree(taken, space)) push(id, { space, half: null }, 1);
            if (!narrowable || !listed.has(space) || (!movable && space !== at)) continue;
            for (const part of ['upper', 'lower'] as const)
              if (!others.has(`${space} ${part}`)) push(id, { space, half: part }, 2);
          }
        }
      }
    return best;
  };
  const whole = search((taken) => (hasWhole(taken) ? 0 : null));
  if (whole !== null) return { cost: whole, via: 'whole' };
  if (q.want.poles === 2) {
    const quad = search((_taken, places) => toQuad(places));
    return quad === null ? null : { cost: quad, via: 'quad' };
  }
  const half = search((taken) => (hasHalf(taken) ? 0 : null));
  return half === null ? null : { cost: half, via: 'narrow' };
}

/** Small panels, nearly full. */
const smallPanel: fc.Arbitrary<SpacePlanInput> = fc
  .record({
    spaces: fc.constantFrom(4, 6),
    splitAt: fc.constantFrom(null, null, null, 3),
    listed: fc.array(fc.integer({ min: 1, max: 6 }), { maxLength: 4 }),
    known: fc.boolean(),
    quads: fc.option(fc.array(fc.integer({ min: 1, max: 4 }), { maxLength: 3 })),
    blocked: fc.array(fc.integer({ min: 1, max: 6 }), { maxLength: 1 }),
    contents: fc.array(
      fc.constantFrom('free', 'm', 'n', 'mn', 'mn', 'mn', 'stays', 'upper', 'two', 'outer'),
      {
        minLength: 6,
        maxLength: 6,
      },
    ),
    poles: fc.constantFrom(1 as const, 2 as const),
    maxCost: fc.integer({ min: 3, max: 6 }),
  })
  .map(({ spaces, splitAt, listed, known, quads, blocked, contents, poles, maxCost }) => {
    const taken = new Set<number>();
    const breakers: Breaker[] = [];
    contents.slice(0, spaces).forEach((content, i) => {
      const space = i + 1;
      if (content === 'free' || taken.has(space)) return;
      const isTwo =
        (content === 'two' || content === 'outer') && space + 2 <= spaces && !taken.has(space + 2);
      const breaker = plain(`b${space}`, space, {
        poles: isTwo ? 2 : 1,
        half: content === 'upper' ? 'upper' : isTwo && content === 'outer' ? 'outer' : null,
        movable: content.includes('m'),
        narrowable: ['n', 'mn', 'two'].includes(content),
      });
      for (const one of spacesOf(breaker)) taken.add(one);
      breakers.push(breaker);
    });
    return {
      spaces,
      splitAt,
      narrowSpaces: known ? [...new Set(listed)].filter((one) => one <= spaces) : null,
      quadSpaces: quads && [...new Set(quads)].filter((one) => one + 2 <= spaces),
      blocked: [...new Set(blocked)].filter((one) => one <= spaces),
      breakers,
      want: { poles },
      maxCost,
    };
  });

/** Do the steps of a plan, and the new breaker at the end: nothing is ever taken twice, and each step is allowed. */
function carryOut(q: SpacePlanInput, plan: SpacePlan): void {
  const places: Places = new Map(
    q.breakers.map(({ id, space, half }) => [id, { space, half: half ?? null }]),
  );
  let cost = 0;
  for (const { id, to, as } of plan.steps) {
    const breaker = q.breakers.find((one) => one.id === id)!;
    const from = places.get(id)!;
    expect(from.half).toBeNull();
    if (as === 'quad') {
      // Each in its own place, in the pair of the new one, and after all others.
      expect(breaker.narrowable).toBe(true);
      expect(to).toEqual({ space: from.space, half: 'outer' });
      expect([plan.place!.space, plan.place!.space + 2]).toContain(to.space);
      expect(q.quadSpaces).toContain(plan.place!.space);
      cost += 2;
      places.set(id, {
        space: to.space,
        half: breaker.poles === 2 ? 'outer' : to.space === plan.place!.space ? 'upper' : 'lower',
      });
      continue;
    }
    expect([breaker.poles, cost <= plan.cost!]).toEqual([1, true]);
    const others = takenBy(q.breakers, places, id);
    for (const { space, part } of slotsOf({ space: to.space, poles: 1, half: to.half }))
      expect(others.has(`${space} ${part}`)).toBe(false);
    expect(q.blocked).not.toContain(to.space);
    if (to.space !== from.space) expect(breaker.movable).toBe(true);
    if (as === 'narrow') {
      expect(breaker.narrowable).toBe(true);
      expect(q.narrowSpaces).toContain(to.space);
    } else expect(to.half).toBeNull();
    cost += as === 'narrow' ? 2 : 1;
    places.set(id, to);
  }
  expect(cost).toBe(plan.cost);
  const taken = takenBy(q.breakers, places);
  const wanted = { ...plan.place!, poles: q.want.poles };
  for (const { space, part } of slotsOf(wanted)) expect(taken.has(`${space} ${part}`)).toBe(false);
}

describe('a place of its own', () => {
  test('an interlock’s breaker goes beside the main, and what sits there moves', () => {
    const breakers = full(6).filter(({ space }) => space !== 5 && space !== 6);
    expect(ask({ breakers, want: { poles: 2, places: [1, 2] } })).toMatchObject({
      cost: 2,
      place: { space: 1, half: null },
      via: 'moves',
    });
    const fixed = breakers.map((one) => ({ ...one, movable: false }));
    expect(ask({ breakers: fixed, want: { poles: 2, places: [1, 2] } }).possible).toBe(false);
  });
});

describe('laws', () => {
  test('a cheaper plan never exists, and each plan can be carried out', () => {
    fc.assert(
      fc.property(smallPanel, (q) => {
        const plan = spacePlan(q);
        const best = bruteForce(q);
        const via = plan.via === 'free' || plan.via === 'moves' ? 'whole' : plan.via;
        expect([plan.cost, via]).toEqual([best?.cost ?? null, best?.via ?? 'none']);
        if (plan.possible) carryOut(q, plan);
      }),
      { numRuns: runs(200, 3000) },
    );
  });
});
