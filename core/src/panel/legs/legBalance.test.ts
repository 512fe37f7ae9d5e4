import fc from 'fast-check';
import { describe, expect, test } from '@jest/globals';
import { legBalance, type LegBalanceInput } from './index.ts';

const circuit = (id: string, leg: 'A' | 'B', amps: number, movable = true) => ({ id, leg, amps, movable });

describe('legBalance', () => {
  test('one move where a space is free, an exchange where none is', () => {
    const circuits = [circuit('1', 'A', 14), circuit('5', 'A', 6), circuit('3', 'B', 4)];
    expect(legBalance({ circuits, freeSpaces: { A: 0, B: 1 } })).toEqual({
      before: { A: 20, B: 4, imbalanceAmps: 16 },
      options: [{ moves: 1, move: ['5'], A: 14, B: 10, imbalanceAmps: 4 }],
    });
    const exchanged = legBalance({ circuits }).options;
    expect(exchanged.map(({ moves, imbalanceAmps }) => [moves, imbalanceAmps])).toEqual([[2, 4]]);
    expect(exchanged[0]!.move.sort()).toEqual(['1', '3']);
  });

  test('what may not move stays; what is even already needs nothing', () => {
    expect(
      legBalance({ circuits: [circuit('1', 'A', 14, false), circuit('3', 'B', 2, false)] }).options,
    ).toEqual([]);
    expect(legBalance({ circuits: [circuit('1', 'A', 5), circuit('3', 'B', 5)] }).options).toEqual([]);
  });

  test.each([
    [{ circuits: [] }, /one circuit/],
    [{ circuits: [circuit('1', 'A', 1), circuit('1', 'B', 1)] }, /used twice/],
    [{ circuits: [circuit('1', 'A', 1)], maxMoves: 1.5 }, /whole number/],
    [{ circuits: [circuit('1', 'A', -1)] }, /current/],
  ])('refuses %j', (input, message) => {
    expect(() => legBalance(input as LegBalanceInput)).toThrow(message);
  });
});

describe('laws', () => {
  const asked = fc.record({
    circuits: fc
      .array(
        fc.record({
          leg: fc.constantFrom('A' as const, 'B' as const),
          amps: fc.integer({ min: 0, max: 200 }).map((n) => n / 10),
          movable: fc.boolean(),
        }),
        { minLength: 1, maxLength: 9 },
      )
      .map((list) => list.map((one, i) => ({ id: `${i}`, ...one }))),
    freeSpaces: fc.record({ A: fc.nat({ max: 2 }), B: fc.nat({ max: 2 }) }),
    maxMoves: fc.integer({ min: 1, max: 9 }),
  });

  /** By trying every set of circuits. */
  function byTrying({ circuits, freeSpaces, maxMoves }: Required<LegBalanceInput>) {
    const least = Array<number>(maxMoves + 1).fill(Infinity);
    for (let set = 0; set < 2 ** circuits.length; set++) {
      const on = { A: 0, B: 0 };
      let [toA, toB] = [0, 0];
      circuits.forEach(({ leg, amps }, i) => {
        const moves = ((set >>> i) & 1) === 1;
        if (moves && leg === 'A') toB++;
        if (moves && leg === 'B') toA++;
        on[moves === (leg === 'A') ? 'B' : 'A'] += amps;
      });
      const pinned = circuits.some(({ movable }, i) => movable === false && ((set >>> i) & 1) === 1);
      const { A = 0, B = 0 } = freeSpaces;
      if (pinned || toB - toA > B || toA - toB > A || toA + toB > maxMoves) continue;
      least[toA + toB] = Math.min(least[toA + toB]!, Math.abs(on.A - on.B));
    }
    const better: [number, number][] = [];
    let best = least[0]!;
    least.forEach((imbalance, moves) => {
      if (moves > 0 && imbalance < best - 1e-9) {
        better.push([moves, imbalance]);
        best = imbalance;
      }
    });
    return better;
  }

  test('each number of moves has the best that trying everything finds, and the moves make it', () => {
    fc.assert(
      fc.property(asked, (question) => {
        const { options } = legBalance(question);
        const expected = byTrying(question as Required<LegBalanceInput>);
        expect(options.map(({ moves }) => moves)).toEqual(expected.map(([moves]) => moves));
        options.forEach((option, i) => {
          expect(option.imbalanceAmps).toBeCloseTo(expected[i]![1], 9);
          expect(option.move).toHaveLength(option.moves);
          expect(Math.abs(option.A - option.B)).toBeCloseTo(option.imbalanceAmps, 9);
        });
      }),
    );
  });

  test('of 42 circuits each further move that is listed helps', () => {
    const circuits = Array.from({ length: 42 }, (_one, i) =>
      circuit(`${i}`, i % 3 === 0 ? 'B' : 'A', ((i * 37) % 97) / 5),
    );
    const { before, options } = legBalance({ circuits, freeSpaces: { A: 2, B: 3 } });
    const ladder = [before.imbalanceAmps, ...options.map(({ imbalanceAmps }) => imbalanceAmps)];
    ladder.slice(1).forEach((amps, i) => expect(amps).toBeLessThan(ladder[i]!));
    expect(ladder.length).toBeGreaterThan(3);
  });
});
