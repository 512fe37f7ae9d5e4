import { describe, expect, test } from '@jest/globals';
import type { Board } from '@phylaxon/core/board';
import { aBreaker, uuid } from '@phylaxon/core/testing';
import { boardItems, legsByRow, neighbour } from './items.ts';

const entry = (n: number, change: Parameters<typeof aBreaker>[0]) =>
  ({ breaker: aBreaker({ id: uuid(n), ...change }), label: null }) as Board['breakers'][number];

const board = (orientation: 'upright' | 'inverted') =>
  ({
    panel: { spaces: 8, orientation },
    breakers: [
      entry(1, { role: 'main', space: null, poles: 2 }),
      entry(2, { space: 1, poles: 2 }),
      entry(3, { space: 4, half: 'upper' }),
      entry(4, { space: 4, half: 'lower' }),
    ],
  }) as Board;

const keys = (b: Board) => boardItems(b).map((item) => item.key.replace(/^0.*(\d)$/, '$1'));

describe('the board’s items', () => {
  test('are in reading order, upright: main on top, spaces down', () => {
    expect(keys(board('upright'))).toEqual([
      '1',
      '2',
      'open-2',
      '3',
      '4',
      'open-5',
      'open-6',
      'open-7',
      'open-8',
    ]);
  });

  test('turn by half a turn when the panel hangs upside down', () => {
    expect(keys(board('inverted'))).toEqual([
      'open-8',
      'open-7',
      'open-6',
      'open-5',
      '4',
      '3',
      '2',
      'open-2',
      '1',
    ]);
    expect(legsByRow(board('inverted'))).toEqual(['B', 'A', 'B', 'A']);
  });
});

describe('arrow keys', () => {
  const items = boardItems(board('upright'));
  const from = (key: string) => items.find((item) => item.key.endsWith(key))!;
  const go = (key: string, arrow: string) =>
    neighbour(items, from(key), arrow)?.key.replace(/^0.*(\d)$/, '$1') ?? null;

  test('move as the breakers lie: over a two-pole unit, into narrow pairs, across', () => {
    expect(go(uuid(1), 'ArrowDown')).toBe('2');
    expect(go(uuid(2), 'ArrowDown')).toBe('open-5');
    expect(go(uuid(2), 'ArrowUp')).toBe('1');
    expect(go('open-2', 'ArrowDown')).toBe('3');
    expect(go(uuid(3), 'ArrowDown')).toBe('4');
    expect(go(uuid(4), 'ArrowDown')).toBe('open-6');
    expect(go('open-5', 'ArrowRight')).toBe('open-6');
    expect(go('open-2', 'ArrowLeft')).toBe('2');
  });

  test('stop at the edges, and Home and End go to the ends', () => {
    expect([go(uuid(1), 'ArrowUp'), go('open-8', 'ArrowDown'), go('open-5', 'ArrowLeft')]).toEqual([
      null,
      null,
      null,
    ]);
    expect([go('open-5', 'Home'), go('open-5', 'End'), go('open-5', 'x')]).toEqual(['1', 'open-8', null]);
  });
});
