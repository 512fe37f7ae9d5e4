import { describe, expect, test } from '@jest/globals';
import type { Board } from '@phylaxon/core/views/board';
import { ORIENTATIONS, type Orientation } from '@phylaxon/core/panel/layout';
import { aBreaker, uuid } from '@phylaxon/core/testing';
import { boardGrid } from './grid.ts';
import { boardItems, legsAlong, neighbour } from './items.ts';

const entry = (n: number, change: Parameters<typeof aBreaker>[0]) =>
  ({ breaker: aBreaker({ id: uuid(n), ...change }), label: null }) as Board['breakers'][number];

const board = (orientation: Orientation, panel: object = {}) =>
  ({
    panel: { spaces: 8, orientation, blanks: [2], holes: [5], splitAt: null, ...panel },
    breakers: [
      entry(1, { role: 'main', space: null, poles: 2 }),
      entry(2, { space: 1, poles: 2 }),
      entry(3, { space: 4, half: 'upper' }),
      entry(4, { space: 4, half: 'lower' }),
    ],
  }) as Board;

const short = (key: string) => key.replace(/^0.*(\d)$/, '$1');
const keys = (b: Board) => boardItems(b).map((item) => short(item.key));

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
      '2',
      '3',
      'open-2',
      '1',
    ]);
    expect(legsAlong(board('inverted'))).toEqual(['B', 'A', 'B', 'A']);
  });

  test('run across when it lies on its side; odd spaces lie below when its top points left', () => {
    const left = boardItems(board('left'));
    expect(left.map((item) => short(item.key)).slice(0, 3)).toEqual(['1', 'open-2', '2']);
    expect(left.find((item) => item.key === 'open-5')).toMatchObject({ along: 4, across: 1 });
    const right = boardItems(board('right'));
    expect(right.find((item) => item.key === uuid(1))).toMatchObject({ along: 8, across: null });
    expect(right.find((item) => item.key === 'open-5')).toMatchObject({ along: 2, across: 0 });
  });

  test('spaces without a breaker tell what closes them', () => {
    const covers = boardItems(board('upright')).flatMap(({ entry: e, space, cover }) =>
      e ? [] : [[space, cover]],
    );
    expect(covers).toEqual([
      [2, 'blank'],
      [5, 'hole'],
      [6, 'unknown'],
      [7, 'unknown'],
      [8, 'unknown'],
    ]);
  });

  test('a quad: the inner pair is one block, the outer pair shows at both its ends', () => {
    const quad = board('upright');
    quad.breakers = [
      entry(5, { space: 5, poles: 2, half: 'inner' }),
      entry(6, { space: 5, poles: 2, half: 'outer' }),
    ];
    const shown = boardItems(quad)
      .filter((item) => item.entry)
      .map(({ key, along, length, echo }) => [short(key.replace('-second', '')), along, length, echo]);
    expect(shown).toEqual([
      ['6', 4, 1, false],
      ['5', 5, 2, false],
      ['6', 7, 1, true],
    ]);
  });

  test.each(ORIENTATIONS)(
    'law, %s: no two items share a place of the grid, nor the line of the split',
    (orientation) => {
      const b = board(orientation, { splitAt: 5 });
      const grid = boardGrid(b);
      const along = grid.onSide ? 'gridColumn' : 'gridRow';
      const taken = new Set<string>();
      for (const item of boardItems(b)) {
        const place = grid.place(item);
        const [line, span] = String(place[along]).split(' / span ').map(Number) as [number, number];
        const across = place[grid.onSide ? 'gridRow' : 'gridColumn'];
        for (let i = line; i < line + span; i++) {
          for (const column of across === '1 / -1' ? [1, 3] : [across]) {
            expect(taken.has(`${i} ${column}`)).toBe(false);
            taken.add(`${i} ${column}`);
          }
          expect(i).not.toBe(grid.split![along]);
          expect(i).toBeGreaterThan(0);
        }
      }
    },
  );
});

describe('arrow keys', () => {
  const upright = board('upright');
  const items = boardItems(upright);
  const from = (key: string) => items.find((item) => item.key.endsWith(key))!;
  const go = (key: string, arrow: string) => {
    const next = neighbour(upright.panel, items, from(key), arrow);
    return next ? short(next.key) : null;
  };

  test('move as the breakers lie: over a two-pole breaker, into narrow pairs, across', () => {
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

  test('turn with a panel on its side', () => {
    const onSide = board('left');
    const list = boardItems(onSide);
    const at = list.find((item) => item.key === 'open-5')!;
    expect(neighbour(onSide.panel, list, at, 'ArrowRight')?.key).toBe('open-7');
    expect(neighbour(onSide.panel, list, at, 'ArrowUp')?.key).toBe('open-6');
  });
});
