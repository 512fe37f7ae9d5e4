import { describe, expect, test } from '@jest/globals';
import type { Board } from '@phylaxon/core/views/board';
import { aBreaker, aShape, uuid } from '@phylaxon/core/testing';
import { boardItems } from './items.ts';
import { planMove } from './moves.ts';

const entry = (n: number, change: Parameters<typeof aBreaker>[0]) =>
  ({ breaker: aBreaker({ id: uuid(n), ...change }), label: null }) as Board['breakers'][number];

const board = {
  panel: { ...aShape(), orientation: 'upright', blanks: [], holes: [] },
  breakers: [
    entry(1, { space: 1 }),
    entry(2, { space: 2 }),
    entry(3, { space: 5, poles: 2 }),
    entry(4, { space: 13, half: 'upper' }),
    entry(5, { space: 15, half: 'lower' }),
    entry(6, { space: 9, tiedWith: uuid(7) }),
    entry(7, { space: 11, tiedWith: uuid(6) }),
  ],
} as unknown as Board;

const plan = (n: number, key: string) =>
  planMove(
    board,
    board.breakers[n - 1]!,
    boardItems(board).find((item) => item.key === key)!,
  );

describe('a breaker in the hand', () => {
  test('goes onto an empty space, or changes places with one of its size', () => {
    expect(plan(1, 'open-3')).toMatchObject({
      place: '3',
      problem: null,
      move: { space: 3, exchange: false },
    });
    expect(plan(1, uuid(2))).toMatchObject({ problem: null, move: { space: 2, exchange: true } });
    expect(plan(4, uuid(5))).toMatchObject({
      problem: null,
      move: { space: 15, half: 'lower', exchange: true },
    });
  });

  test.each([
    [1, uuid(3), /Space 5 is taken/],
    [3, uuid(1), /Space 1 is taken/],
    [4, 'open-3', /tandem breakers only in 13–24/],
    [6, 'open-3', /must stay together/],
    [1, uuid(6), /must stay together/],
  ])('%i onto %s is told why not', (n, key, reason) => {
    expect(String(plan(n, key)?.problem)).toMatch(reason);
  });

  test('of two poles it may go by one space, onto its own second half', () => {
    expect(plan(3, 'open-3')).toMatchObject({ place: '3–5', problem: null, move: { space: 3 } });
  });

  test('onto itself or the main it is no move', () => expect(plan(1, uuid(1))).toBeNull());
});
