import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { runs } from '../../testing/index.ts';
import { addedLoad, BUS_LEGS, NODE_KINDS, type AddedLoadInput } from './index.ts';

const feeder = {
  ...{ id: 'feeder', kind: 'feeder' as const, ratingAmps: 60, ampacity: 55 },
  legs: { a: 20, b: 12 },
  continuousAmps: { a: 4, b: 0 },
};
const main = { id: 'main', kind: 'main' as const, ratingAmps: 125, legs: { a: 98, b: 60 } };

describe('a load on its way to the service', () => {
  test('a charger: continuous load counts 125% on both legs, the first node over its limit is named', () => {
    const answer = addedLoad({
      path: [feeder, main],
      added: { amps: 24, poles: 2, continuous: true },
      rules: 'split',
    });
    expect(answer.nodes[0]).toEqual({
      id: 'feeder',
      before: { a: 21, b: 12 },
      after: { a: 51, b: 42 },
      limitAmps: 55,
      headroomAmps: 4,
      ok: true,
    });
    expect(answer.nodes[1]).toMatchObject({
      after: { a: 128, b: 90 },
      limitAmps: 125,
      headroomAmps: -3,
      ok: false,
    });
    expect(answer).toMatchObject({ fits: false, first: 'main' });
    expect(answer.largestAmps).toBeCloseTo(27 / 1.25, 12);
  });

  test('80% of a rating for any load, whatever the conductor carries', () => {
    const answer = addedLoad({ path: [feeder, main], added: { amps: 28, poles: 1 }, rules: 'flat80' });
    // Leg b carries less at the first node: 12 A, and 60 A at the main.
    expect(answer.nodes.map(({ limitAmps, after }) => [limitAmps, after])).toEqual([
      [48, { a: 20, b: 40 }],
      [100, { a: 98, b: 88 }],
    ]);
    expect(answer.largestAmps).toBe(36);
  });

  test('a leg without the load counts too: over its limit already, nothing fits', () => {
    const over = { ...main, legs: { a: 130, b: 0 } };
    expect(addedLoad({ path: [over], added: { amps: 1, poles: 1, leg: 'b' }, rules: 'split' })).toMatchObject(
      {
        fits: false,
        largestAmps: 0,
      },
    );
  });

  test('refuses what cannot be', () => {
    const ask = (change: object, node: object = {}) =>
      addedLoad({
        path: [{ ...main, ...node }],
        added: { amps: 1, poles: 2, ...change },
        rules: 'split',
      } as AddedLoadInput);
    expect(() => ask({ leg: 'a' })).toThrow(/both legs/);
    expect(() => ask({}, { continuousAmps: { a: 99 } })).toThrow(/continuous/);
    expect(() => ask({}, { ratingAmps: 0 })).toThrow(/above 0/);
    expect(() => addedLoad({ path: [], added: { amps: 1, poles: 2 }, rules: 'split' })).toThrow(
      /at least one/,
    );
    expect(() => addedLoad({ path: [main, main], added: { amps: 1, poles: 2 }, rules: 'split' })).toThrow(
      /twice/,
    );
  });
});

// In hundredths: no sum then lies between the tolerance of the rule, 1e-9 A, and that of the law.
const hundredths = (min: number, max: number) =>
  fc.integer({ min: 100 * min, max: 100 * max }).map((drawn) => drawn / 100);
const amps = hundredths(0, 200);
const node = fc
  .record({
    kind: fc.constantFrom(...NODE_KINDS),
    ratingAmps: fc.constantFrom(20, 60, 100, 125, 200),
    ampacity: fc.option(hundredths(10, 300), { nil: undefined }),
    legs: fc.record({ a: amps, b: amps }),
    share: hundredths(0, 1),
  })
  .map(({ share, ...rest }) => ({
    ...rest,
    continuousAmps: { a: share * rest.legs.a, b: share * rest.legs.b },
  }));
const question: fc.Arbitrary<AddedLoadInput> = fc.record({
  path: fc
    .array(node, { minLength: 1, maxLength: 8 })
    .map((list) => list.map((one, i) => ({ ...one, id: `${i}` }))),
  added: fc.record({ amps, poles: fc.constantFrom(1 as const, 2 as const), continuous: fc.boolean() }),
  rules: fc.constantFrom('split' as const, 'flat80' as const),
});

describe('laws over drawn ways', () => {
  test('the tolerance of a limit is 1e-9 A', () => {
    const at = (over: number) => ({ ...main, ratingAmps: 100, legs: { a: 90 + over, b: 0 } });
    const ask = (over: number) =>
      addedLoad({ path: [at(over)], added: { amps: 10, poles: 1, leg: 'a' }, rules: 'split' }).fits;
    expect([ask(0), ask(5e-10), ask(2e-7)]).toEqual([true, true, false]);
  });

  test('it fits only where no leg of any node is above its limit; the largest load fits, a larger one does not', () => {
    fc.assert(
      fc.property(question, (asked) => {
        const answer = addedLoad(asked);
        const over = answer.nodes.filter(({ after, limitAmps }) =>
          BUS_LEGS.some((leg) => after[leg] > limitAmps + 1e-6),
        );
        expect(answer.fits).toBe(over.length === 0);
        expect(answer.first).toBe(over[0]?.id ?? null);
        expect(addedLoad({ ...asked, added: { ...asked.added, amps: 0 } }).largestAmps).toBe(
          answer.largestAmps,
        );
        const fits = (load: number) => addedLoad({ ...asked, added: { ...asked.added, amps: load } }).fits;
        if (answer.largestAmps > 0) expect(fits(answer.largestAmps)).toBe(true);
        expect(fits(answer.largestAmps + 0.01)).toBe(false);
      }),
      { numRuns: runs(500, 5000) },
    );
  });
});
